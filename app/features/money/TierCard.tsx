import { formatMoney } from '#core/money/currency.ts'
import type { UpgradeOption } from '#app/data/money.server.ts'
import * as texts from '#app/texts/money.ts'
import { Card, Soft, Stack } from '#app/ui/layout.tsx'
import { Differences, StepDetails, StepWorth } from './Differences.tsx'

interface Props {
  tiers: UpgradeOption[]
  names: ReadonlyMap<string, string>
  currency: string
}

/** What the next tier of a brand buys over the one below it. */
export function TierCard({ tiers, names, currency }: Props) {
  if (tiers.length === 0) return null
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.insideOneBrand}</h2>
        <Soft>{texts.whatTheNextTierBuysOver}</Soft>
        <div>
          {tiers.map(({ from, to, more, moreAYear, upgrade }) => (
            <StepDetails key={`${from} ${to}`}>
              <summary>
                <strong>{names.get(to)}</strong> {texts.insteadOf} {names.get(from)}: {moneyMore(more, currency)}
                {moreAYear !== undefined && texts.aYearOfMoneyMore(moneyMore(moreAYear, currency))}{' '}
                <StepWorth upgrade={upgrade} />
              </summary>
              <Differences upgrade={upgrade} />
            </StepDetails>
          ))}
        </div>
      </Stack>
    </Card>
  )
}

const moneyMore = (minor: number, currency: string): string =>
  `${formatMoney(Math.abs(minor), currency)} ${minor >= 0 ? 'more' : 'less'}`
