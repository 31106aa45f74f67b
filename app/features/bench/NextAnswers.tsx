import { href } from 'react-router'
import { styled } from 'styled-components'
import { formatNumber } from '#core/quantity/format.ts'
import { formatChance } from '#core/verdict/call.ts'
import type { NextAnswer } from '#core/verdict/next-answers.ts'
import * as texts from '#app/texts/bench.ts'
import { Small } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'
import { useServerAnswer } from './useServerAnswer.ts'

const List = styled.ul`
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  button {
    display: block;
    width: 100%;
    min-height: 44px;
    padding: 6px 0;
    border: 0;
    border-bottom: 1px dotted var(--line-strong);
    background: none;
    text-align: left;
    cursor: pointer;
  }
  button:hover {
    background: var(--green-soft);
  }
  strong {
    display: block;
    font: 600 17px/1.2 var(--label);
    text-decoration: underline;
  }
`

/**
 * The open readings of this filter that would do most for the minutes they take: for the verdict, else for its score.
 */
export function NextAnswers({ bench, specimen }: { bench: Bench; specimen: string }) {
  const path = href('/bench/:specimen/next-answers', { specimen })
  const answers = useServerAnswer<NextAnswer[]>(path, bench.readings.length) ?? []
  const open = answers.flatMap(({ readings, ...answer }) => {
    const [first] = readings.filter((key) => !bench.values.has(key))
    return first ? [{ ...answer, first }] : []
  })
  if (open.length === 0) return null
  return (
    <section aria-label={texts.worthMostNow}>
      <h3>{texts.worthMostNow}</h3>
      <List>
        {open.map(({ criterion, label, first, gain, doubt, minutes }) => (
          <li key={criterion}>
            <button type="button" onClick={() => bench.goTo(first)}>
              <strong>{label}</strong>
              <Small>
                {texts.min(
                  formatNumber(minutes, 2),
                  gain > 0
                    ? texts.theRightOneIsLikelierTo(formatChance(gain))
                    : texts.itHasOfWhatMakesThis(formatChance(doubt)),
                )}
              </Small>
            </button>
          </li>
        ))}
      </List>
    </section>
  )
}
