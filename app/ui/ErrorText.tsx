import { styled } from 'styled-components'

/** What is wrong, beside where it is wrong. */
export const ErrorText = styled.span`
  color: var(--red);
  font-size: 14px;
  font-weight: 600;
`
