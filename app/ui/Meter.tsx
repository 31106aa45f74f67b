import { styled } from 'styled-components'

const Track = styled.span`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-size: 13px;
  color: var(--ink-soft);
`

const Bar = styled.span`
  display: inline-block;
  width: 64px;
  height: 8px;
  border-radius: 4px;
  background: var(--line);
  overflow: hidden;
  > span {
    display: block;
    height: 100%;
    background: var(--green);
  }
`

/** How much of a whole is done. */
export function Meter({ share }: { share: number }) {
  const percent = share >= 1 ? 100 : Math.min(99, Math.round(share * 100))
  return (
    <Track>
      <Bar aria-hidden>
        <span style={{ width: `${percent}%` }} />
      </Bar>
      <span style={{ minWidth: 38, textAlign: 'right' }}>{percent} %</span>
    </Track>
  )
}
