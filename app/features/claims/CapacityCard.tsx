import type { CapacityPerArea } from '#core/claims/capacity.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  capacities: CapacityPerArea[]
  products: { id: string; name: string }[]
}

/** Claimed capacity over measured area: a claim that stands out is hard to believe. */
export function CapacityCard({ capacities, products }: Props) {
  if (capacities.length === 0) return null
  const names = new Map(products.map(({ id, name }) => [id, name]))
  return (
    <Card>
      <Stack $gap={10}>
        <h2>Claimed capacity over measured area</h2>
        <Table>
          <tbody>
            {capacities.map(({ product, perArea, times, standsOut }) => (
              <tr key={product}>
                <td>{names.get(product)}</td>
                <td>{formatQuantity(perArea, 'g/m²')}</td>
                <td>
                  {standsOut ? (
                    <strong>{times.toFixed(1)} times the middle of the line-up: hard to believe</strong>
                  ) : (
                    `${times.toFixed(1)} times the middle`
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Stack>
    </Card>
  )
}
