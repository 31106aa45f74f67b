import { styled } from 'styled-components'

/** Two fields beside each other, where there is room. */
export const Pair = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  align-items: start;
  gap: 16px;
  @media (max-width: 640px) {
    grid-template-columns: minmax(0, 1fr);
  }
`
