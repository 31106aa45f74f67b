import { css, styled } from 'styled-components'

/** The look of everything that is typed into or chosen from. */
export const inputLook = css`
  max-width: 100%;
  min-height: 44px;
  padding: 8px 12px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  &[aria-invalid='true'] {
    border-color: var(--red);
  }
`

/** One line to type. */
export const InputBox = styled.input`
  ${inputLook}
`

/** Several lines to type. */
export const AreaBox = styled.textarea`
  ${inputLook}
  width: 100%;
  min-height: 64px;
  resize: vertical;
`

/** A native list to choose from. */
export const SelectBox = styled.select`
  ${inputLook}
`
