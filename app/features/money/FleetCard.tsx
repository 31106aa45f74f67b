import { formatMoney } from '#core/money/currency.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import type { MoneyRow } from '#app/data/money.server.ts'
import * as texts from '#app/texts/money.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  driver: StoredDriver
  rows: MoneyRow[]
  names: ReadonlyMap<string, string>
  currency: string
}

/** What a year costs a driver with several vehicles, cheapest first. */
export function FleetCard({ driver, rows, names, currency }: Props) {
  const { vehicles } = driver
  const costs = rows
    .flatMap(({ column, cost }) =>
      cost ? [{ id: column.id, changes: cost.changesAYear * vehicles, money: cost.aYear * vehicles }] : [],
    )
    .sort((a, b) => a.money - b.money)
  const [cheapest] = costs
  if (vehicles < 2 || !cheapest) return null
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.vehiclesAYear(vehicles)}</h2>
        <Table>
          <thead>
            <tr>
              <th scope="col">{texts.product}</th>
              <th scope="col">{texts.filters}</th>
              <th scope="col">{texts.cost}</th>
              <th scope="col">{texts.moreThanTheLeast}</th>
            </tr>
          </thead>
          <tbody>
            {costs.map(({ id, changes, money }) => (
              <tr key={id}>
                <td>{names.get(id)}</td>
                <td>{Math.ceil(changes)}</td>
                <td>{formatMoney(Math.round(money), currency)}</td>
                <td>{money === cheapest.money ? '–' : formatMoney(Math.round(money - cheapest.money), currency)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Stack>
    </Card>
  )
}
