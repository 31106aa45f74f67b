import { css, styled } from 'styled-components'
import { InputBox } from '#app/ui/inputs.tsx'

const chip = css`
  min-height: 44px;
  min-width: 44px;
  padding: 0 12px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  font: 600 16px/1 var(--label);
  cursor: pointer;
  &:hover {
    background: var(--green-soft);
  }
  &[aria-pressed='true'] {
    background: var(--green);
    border-color: var(--green);
    color: var(--on-green);
  }
`

/** A small button of the bench that can stay pressed. */
export const Chip = styled.button`
  ${chip}
`

export const Chips = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
`

/** An answer with its number key, its sketch and what it looks like. */
export const OptionButton = styled.button`
  ${chip}
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 2px 10px;
  align-content: start;
  min-height: 60px;
  padding: 10px 12px;
  text-align: left;
  strong {
    font: 600 18px/1.2 var(--label);
  }
  small {
    grid-column: 2;
    font: 400 13px/1.3 var(--text);
    opacity: 0.85;
  }
  svg {
    grid-column: 3;
    grid-row: 1 / span 2;
    align-self: center;
  }
`

export const SmallInput = styled(InputBox)`
  width: 130px;
`
