import { styled } from 'styled-components'
import type { PartContribution } from '#core/verdict/summary.ts'
import * as texts from '#app/texts/face-off.ts'

const Bars = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 170px minmax(0, 1fr);
  gap: 2px 10px;
  align-items: center;
  span {
    text-align: center;
    font: 600 15px/1.2 var(--label);
  }
  i {
    display: block;
    height: 16px;
    border-radius: 3px;
    background: var(--green);
    font-style: normal;
  }
  i[data-side='b'] {
    background: var(--amber);
  }
  small {
    color: var(--ink-soft);
  }
  [role='cell'] {
    display: flex;
    align-items: center;
    gap: 6px;
  }
  [role='cell'][data-side='a'] {
    justify-content: flex-end;
  }
`

/** The longest bar takes this share of its side, in percent. */
const longest = 80

/** Points won by part: to the left by the first, to the right by the second. */
export function PartBars({ parts }: { parts: PartContribution[] }) {
  if (parts.length === 0) return null
  const widest = Math.max(0.1, ...parts.map(({ gain }) => Math.abs(gain)))
  const width = (gain: number) => `${(longest * Math.abs(gain)) / widest}%`
  return (
    <section aria-label={texts.pointsWonByPart}>
      <Bars role="table" aria-label={texts.pointsWonByPart2}>
        {parts.map(({ group, label, gain }) => (
          <div key={group} role="row" style={{ display: 'contents' }}>
            <div role="cell" data-side="a">
              {gain > 0 && (
                <>
                  <small>{gain.toFixed(1)}</small>
                  <i style={{ width: width(gain) }} />
                </>
              )}
            </div>
            <span role="rowheader">{label}</span>
            <div role="cell">
              {gain < 0 && (
                <>
                  <i data-side="b" style={{ width: width(gain) }} />
                  <small>{(-gain).toFixed(1)}</small>
                </>
              )}
            </div>
          </div>
        ))}
      </Bars>
    </section>
  )
}
