import { MenuItem, Popover } from 'react-aria-components'
import { styled } from 'styled-components'

/** A menu that hangs from the bar. */
export const MenuSheet = styled(Popover)`
  min-width: 220px;
  max-width: min(420px, 92vw);
  max-height: min(70vh, 560px);
  overflow: auto;
  padding: 6px;
  border: 1px solid var(--line-strong);
  border-radius: 10px;
  background: var(--raised);
  box-shadow: 0 6px 24px rgb(0 0 0 / 0.2);
  [role='menu'] {
    outline: none;
  }
`

export const MenuLine = styled(MenuItem)`
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  padding: 4px 12px;
  border-radius: 7px;
  color: var(--ink);
  font: 500 17px/1.2 var(--label);
  text-decoration: none;
  outline: none;
  overflow-wrap: anywhere;
  cursor: pointer;
  &[data-focused] {
    background: var(--green-soft);
  }
  &[data-current='true'] {
    font-weight: 600;
    text-decoration: underline;
  }
`
