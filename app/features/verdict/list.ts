import { styled } from 'styled-components'

/** Reasons, a line each. */
export const ReasonList = styled.ul`
  margin: 0;
  padding-left: 20px;
  li {
    margin: 2px 0;
  }
`
