import { href, Link } from 'react-router'
import { duties } from '#core/money/driver.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { DriverRule } from '#core/score/driver-rules.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import type { MoneyRow } from '#app/data/money.server.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/money.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { CostTable } from './CostTable.tsx'
import { usePerDistance } from './usePerDistance.ts'

interface Props {
  driver: StoredDriver | undefined
  wanted: number
  currency: string
  rules: DriverRule[]
  rows: MoneyRow[]
  names: ReadonlyMap<string, string>
  judged: EvaluationView
}

/** What each filter costs whoever buys it. */
export function CostCard({ driver, wanted, currency, rules, rows, names, judged }: Props) {
  return (
    <Card>
      <Stack $gap={14}>
        <h2>{texts.theFigures}</h2>
        <DriverLine driver={driver} rules={rules} />
        <CostTable judged={judged} rows={rows} names={names} currency={currency} wanted={wanted} />
      </Stack>
    </Card>
  )
}

function DriverLine({ driver, rules }: { driver: StoredDriver | undefined; rules: DriverRule[] }) {
  const { unit } = usePerDistance()
  if (!driver)
    return (
      <Soft>
        <Link to={href('/drivers')}>{texts.addADriver}</Link> {texts.toSeeTheUsableIntervalAnd}
      </Soft>
    )
  const duty = duties.find(({ key }) => key === driver.duty)?.label.toLowerCase() ?? driver.duty
  return (
    <div>
      <Small>
        {driver.name}: {formatQuantity(driver.annualDistance, unit)}
        {driver.annualHours !== null && texts.andEngineHours(driver.annualHours)} {texts.aYearDuty(duty)}
        {driver.vehicles > 1 && texts.vehicles(driver.vehicles)}. {rules.map(({ statement }) => statement).join(' ')}{' '}
        <Link to={href('/drivers')}>{texts.drivers}</Link>
      </Small>
    </div>
  )
}
