import { useCallback, useMemo } from 'react'
import { href, useNavigate } from 'react-router'
import { toMajor } from '#core/money/currency.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import type { MoneyRow } from '#app/data/money.server.ts'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { usePerDistance } from './usePerDistance.ts'
import { ValueChart, type ValuePoint } from './ValueChart.tsx'

interface Props {
  driver: StoredDriver | undefined
  rows: MoneyRow[]
  names: ReadonlyMap<string, string>
  currency: string
  efficient: string[]
}

/** Cost against score: what nothing else beats is joined. */
export function ValueCard({ driver, rows, names, currency, efficient }: Props) {
  const { get, set } = useAddress()
  const navigate = useNavigate()
  const { label, scale } = usePerDistance()
  const byCost = get('against') !== 'price' && driver !== undefined
  const points = useMemo(
    () =>
      rows.flatMap(({ column, offer, cost }): ValuePoint[] => {
        const minor = byCost ? cost && cost.perDistance * scale : offer?.unit
        const { value, low, high } = column.score
        if (minor === undefined || value === undefined) return []
        return [
          {
            id: column.id,
            name: names.get(column.id) ?? column.name,
            cost: toMajor(minor, currency),
            score: value,
            low,
            high,
            link: href('/specimens/:specimen/score', { specimen: column.specimenId }),
          },
        ]
      }),
    [rows, byCost, scale, names, currency],
  )
  const open = useCallback((link: string) => void navigate(link), [navigate])
  if (points.length < 2) return null
  return (
    <Card>
      <Stack $gap={10}>
        <Row $between>
          <h2>Value</h2>
          {driver && (
            <SelectMenu
              name="Against"
              value={byCost ? 'cost' : 'price'}
              options={[
                { value: 'cost', label: `cost for ${label}` },
                { value: 'price', label: 'landed price' },
              ]}
              onPick={(against) => set({ against })}
            />
          )}
        </Row>
        <Soft>Bars show what the score may be while something is not known. Pick a point to open its score.</Soft>
        <ValueChart
          points={points}
          efficient={efficient}
          costName={byCost ? `cost for ${label}, ${currency}` : `landed price, ${currency}`}
          onOpen={open}
        />
      </Stack>
    </Card>
  )
}
