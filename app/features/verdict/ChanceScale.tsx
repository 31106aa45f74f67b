import { styled } from 'styled-components'
import { callChances, formatChance } from '#core/verdict/call.ts'
import * as texts from '#app/texts/how-sure.ts'

const Line = styled.div`
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 14px;
  strong {
    font: 600 28px/1 var(--label);
  }
`

/** The track with the two words above it, each where it begins. */
const Scale = styled.div`
  position: relative;
  padding-top: 16px;
  span {
    position: absolute;
    top: 0;
    transform: translateX(-50%);
    color: var(--ink-soft);
    font: 500 13px/1 var(--label);
  }
`

const Track = styled.div`
  position: relative;
  height: 10px;
  border-radius: 5px;
  background: color-mix(in srgb, var(--line-strong) 40%, var(--card));
  overflow: hidden;
  div {
    height: 100%;
    background: var(--green);
  }
  i {
    position: absolute;
    top: 0;
    width: 2px;
    height: 100%;
    background: var(--amber);
  }
`

/** A chance of being first on the scale of the two words that it may earn. */
export function ChanceScale({ chance }: { chance: number }) {
  const words = [
    { word: 'leads', at: callChances.leads },
    { word: 'wins', at: callChances.wins },
  ]
  return (
    <Line>
      <strong>{formatChance(chance)}</strong>
      <Scale
        role="img"
        aria-label={texts.ofWhatMayBeLeadsFrom(
          formatChance(chance),
          formatChance(callChances.leads),
          formatChance(callChances.wins),
        )}
      >
        {words.map(({ word, at }) => (
          <span key={word} style={{ left: `${100 * at}%` }}>
            {word}
          </span>
        ))}
        <Track>
          <div style={{ width: `${100 * chance}%` }} />
          {words.map(({ word, at }) => (
            <i key={word} style={{ left: `${100 * at}%` }} />
          ))}
        </Track>
      </Scale>
    </Line>
  )
}
