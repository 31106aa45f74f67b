import { styled } from 'styled-components'

/** A small picture of a rule with words under it. */
export const Figure = styled.figure`
  display: inline-grid;
  gap: 2px;
  width: 210px;
  margin: 0;
  svg {
    display: block;
    width: 100%;
    height: auto;
    overflow: visible;
  }
`

/** Of the picture of a rule, px. */
export const size = { width: 210, height: 44, margin: 4 }
