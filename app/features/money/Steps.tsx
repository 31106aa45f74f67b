import { styled } from 'styled-components'
import { partLabel } from '#core/catalogue/index.ts'
import type { TierStep } from '#app/data/money.server.ts'
import { Small, Soft, Stack } from '#app/ui/layout.tsx'
import { sayMoney } from '#app/ui/money.ts'

const Item = styled.details`
  border-bottom: 1px dotted var(--line-strong);
  summary {
    min-height: 44px;
    padding: 10px 0;
    cursor: pointer;
  }
  ul {
    margin: 0 0 12px;
    padding-left: 22px;
  }
`

const words = { better: 'buys something', worse: 'buys less', nothing: 'buys nothing that counts here' }

/** What each step to a dearer filter buys, part by part: real differences only. */
export function Steps({
  steps,
  names,
  currency,
}: {
  steps: TierStep[]
  names: ReadonlyMap<string, string>
  currency: string
}) {
  if (steps.length === 0) return <Soft>Steps appear when two filters have a price.</Soft>
  return (
    <Stack $gap={0}>
      {steps.map(({ kind, from, to, more, moreAYear, step }) => (
        <Item key={`${kind} ${from} ${to}`}>
          <summary>
            <strong>{names.get(to)}</strong> instead of {names.get(from)}:{' '}
            {more >= 0 ? sayMoney(more, currency) : `${sayMoney(-more, currency)} less`} {more >= 0 && 'more'}
            {moreAYear !== undefined &&
              `, ${sayMoney(Math.abs(moreAYear), currency)} ${moreAYear >= 0 ? 'more' : 'less'} a year`}{' '}
            <strong>{words[step.verdict]}</strong>{' '}
            <Small>
              ({step.worth >= 0 ? '+' : '−'}
              {Math.abs(step.worth).toFixed(1)} points of 100)
            </Small>
          </summary>
          {step.bought.length === 0 ? (
            <Soft>No difference that is larger than its uncertainty.</Soft>
          ) : (
            <ul>
              {step.bought.map(({ duel, better, factor, worth, because }) => (
                <li key={duel.key}>
                  {partLabel(duel.part)}: {duel.label.toLowerCase()} {better ? 'better' : 'worse'}{' '}
                  <Small>
                    ({worth >= 0 ? '+' : '−'}
                    {Math.abs(worth).toFixed(1)})
                  </Small>
                  {factor !== 1 && because && <Small> {because}</Small>}
                </li>
              ))}
            </ul>
          )}
        </Item>
      ))}
    </Stack>
  )
}
