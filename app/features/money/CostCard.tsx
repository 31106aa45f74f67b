import { href, Link } from 'react-router'
import { duties } from '#core/money/driver.ts'
import { formatCount, formatQuantity } from '#core/quantity/format.ts'
import type { DriverRule } from '#core/score/driver-rules.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import type { MoneyRow } from '#app/data/money.server.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
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
        <h2>The figures</h2>
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
        <Link to={href('/drivers')}>Add a driver</Link> to see the usable interval and what a year costs.
      </Soft>
    )
  const duty = duties.find(({ key }) => key === driver.duty)?.label.toLowerCase() ?? driver.duty
  return (
    <div>
      <Small>
        {driver.name}: {formatQuantity(driver.annualDistance, unit)}
        {driver.annualHours !== null && ` and ${formatCount(driver.annualHours, 'engine hour')}`} a year, {duty} duty
        {driver.vehicles > 1 && `, ${driver.vehicles} vehicles`}. {rules.map(({ statement }) => statement).join(' ')}{' '}
        <Link to={href('/drivers')}>Drivers</Link>
      </Small>
    </div>
  )
}
