import { styled } from 'styled-components'

/** Short words in a row, each in a frame; how each is lit is said by who uses it. */
export const WordChips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    padding: 4px 8px;
    border: 1px solid var(--line);
    border-radius: 6px;
    font: 600 15px/1.2 var(--label);
  }
`
