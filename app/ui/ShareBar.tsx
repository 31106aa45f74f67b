import { styled } from 'styled-components'

const Track = styled.div`
  height: 14px;
  margin: 4px 0;
  background: var(--line);
  border-radius: 3px;
  overflow: hidden;
  > div {
    height: 100%;
    background: var(--green);
  }
`

/** A share of a whole, as a bar across its cell. */
export const ShareBar = ({ share }: { share: number }) => (
  <Track aria-hidden>
    <div style={{ width: `${share * 100}%` }} />
  </Track>
)
