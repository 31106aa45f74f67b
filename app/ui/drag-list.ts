import { GridList, GridListItem } from 'react-aria-components'
import { styled } from 'styled-components'

/** Things to drag into order. */
export const DragList = styled(GridList)`
  display: grid;
  gap: 4px;
  &[data-drop-target] {
    outline: 2px solid var(--focus);
  }
` as typeof GridList

/** One of them: its handle, its name, and buttons. */
export const DragItem = styled(GridListItem)`
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--raised);
  &[data-dragging] {
    opacity: 0.5;
  }
  &[data-selected] {
    border-color: var(--green);
    box-shadow: inset 4px 0 0 var(--green);
  }
  > * {
    display: flex;
    flex: 1;
    align-items: center;
    min-width: 0;
  }
  span {
    flex: 1;
    min-width: 0;
    overflow-wrap: anywhere;
  }
  button {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    min-width: 40px;
    min-height: 40px;
    border: 0;
    border-radius: 6px;
    background: none;
    cursor: pointer;
    &[data-hovered] {
      background: var(--green-soft);
    }
  }
` as typeof GridListItem
