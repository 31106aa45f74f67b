import { href, Link } from 'react-router'
import { currencies } from '#core/money/currency.ts'
import { duties } from '#core/money/driver.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { DriverRule } from '#core/score/driver-rules.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import type { MoneyRow } from '#app/data/money.server.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { CostTable } from './CostTable.tsx'
import { orderSizes } from './order-sizes.ts'
import { usePerDistance } from './usePerDistance.ts'

interface Props {
  drivers: StoredDriver[]
  driver: StoredDriver | undefined
  wanted: number
  currency: string
  rules: DriverRule[]
  rows: MoneyRow[]
  names: ReadonlyMap<string, string>
  judged: EvaluationView
}

/** Who buys how many and in what money, and what each filter then costs. */
export function CostCard({ drivers, driver, wanted, currency, rules, rows, names, judged }: Props) {
  const { set } = useAddress()
  return (
    <Card>
      <Stack $gap={14}>
        <Row>
          <SelectMenu
            label="Driver"
            value={driver?.id ?? ''}
            options={drivers.length === 0 ? [{ value: '', label: 'none yet' }] : namedOptions(drivers)}
            onPick={(id) => set({ driver: id })}
          />
          <SelectMenu
            label="buys at once"
            value={String(wanted)}
            options={orderSizes.map((size) => ({ value: String(size), label: size }))}
            onPick={(size) => set({ buy: size })}
          />
          <SelectMenu
            label="in"
            value={currency}
            options={currencies.map((one) => ({ value: one, label: one }))}
            onPick={(one) => set({ currency: one })}
          />
          <Link to={href('/drivers')}>Drivers</Link>
        </Row>
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
        {driver.name}: {formatQuantity(driver.annualDistance, unit)} a year, {duty} duty
        {driver.vehicles > 1 && `, ${driver.vehicles} vehicles`}. {rules.map(({ statement }) => statement).join(' ')}
      </Small>
    </div>
  )
}
