import { styled } from 'styled-components'
import { partLabel } from '#core/catalogue/index.ts'
import type { UpgradeOption } from '#app/data/money.server.ts'
import { Small, Soft, Stack } from '#app/ui/layout.tsx'
import { formatMoney } from '#core/money/currency.ts'

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
export function UpgradeList({
  upgrades,
  names,
  currency,
}: {
  upgrades: UpgradeOption[]
  names: ReadonlyMap<string, string>
  currency: string
}) {
  if (upgrades.length === 0) return <Soft>Steps appear when two filters have a price.</Soft>
  return (
    <Stack $gap={0}>
      {upgrades.map(({ kind, from, to, more, moreAYear, upgrade }) => (
        <Item key={`${kind} ${from} ${to}`}>
          <summary>
            <strong>{names.get(to)}</strong> instead of {names.get(from)}:{' '}
            {more >= 0 ? formatMoney(more, currency) : `${formatMoney(-more, currency)} less`} {more >= 0 && 'more'}
            {moreAYear !== undefined &&
              `, ${formatMoney(Math.abs(moreAYear), currency)} ${moreAYear >= 0 ? 'more' : 'less'} a year`}{' '}
            <strong>{words[upgrade.outcome]}</strong>{' '}
            <Small>
              ({upgrade.worth >= 0 ? '+' : '−'}
              {Math.abs(upgrade.worth).toFixed(1)} points of 100)
            </Small>
          </summary>
          {upgrade.differences.length === 0 ? (
            <Soft>No difference that is larger than its uncertainty.</Soft>
          ) : (
            <ul>
              {upgrade.differences.map(({ comparison, better, factor, worth, reason }) => (
                <li key={comparison.key}>
                  {partLabel(comparison.part)}: {comparison.label.toLowerCase()} {better ? 'better' : 'worse'}{' '}
                  <Small>
                    ({worth >= 0 ? '+' : '−'}
                    {Math.abs(worth).toFixed(1)})
                  </Small>
                  {factor !== 1 && reason && <Small> {reason}</Small>}
                </li>
              ))}
            </ul>
          )}
        </Item>
      ))}
    </Stack>
  )
}
