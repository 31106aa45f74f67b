import type { PerArea } from '#core/claims/per-area.ts'
import { Card, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  title: string
  amounts: PerArea[]
  /** An amount over the area, as it is written. */
  write: (perArea: number) => string
  /** What is said of one that stands out. */
  doubt: string
  products: { id: string; name: string }[]
}

/** A claimed amount over measured area: one that stands out is said. */
export function PerAreaCard({ title, amounts, write, doubt, products }: Props) {
  if (amounts.length === 0) return null
  const names = new Map(products.map(({ id, name }) => [id, name]))
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{title}</h2>
        <Table>
          <tbody>
            {amounts.map(({ product, perArea, times, standsOut }) => (
              <tr key={product}>
                <td>{names.get(product)}</td>
                <td>{write(perArea)}</td>
                <td>
                  {standsOut ? (
                    <strong>
                      {times.toFixed(1)} times the middle of the line-up: {doubt}
                    </strong>
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
