import type { PerArea } from '#core/claims/per-area.ts'
import * as texts from '#app/texts/claims.ts'
import { Stack } from '#app/ui/layout.tsx'
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
export function PerAreaList({ title, amounts, write, doubt, products }: Props) {
  if (amounts.length === 0) return null
  const names = new Map(products.map(({ id, name }) => [id, name]))
  const [unusual, usual] = [true, false].map((wanted) => amounts.filter(({ standsOut }) => standsOut === wanted)) as [
    PerArea[],
    PerArea[],
  ]
  const tableOf = (those: readonly PerArea[]) => (
    <Table>
      <tbody>
        {those.map(({ product, perArea, times, standsOut }) => (
          <tr key={product}>
            <td>{names.get(product)}</td>
            <td>{write(perArea)}</td>
            <td>
              {standsOut ? (
                <strong>{texts.timesTheMiddleOfTheLine(times.toFixed(1), doubt)}</strong>
              ) : (
                texts.timesTheMiddle(times.toFixed(1))
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
  return (
    <section aria-label={title}>
      <Stack $gap={6}>
        <h3>{title}</h3>
        {unusual.length === 0 ? <p>{texts.noneStandsOut}</p> : tableOf(unusual)}
        {usual.length > 0 && (
          <details>
            <summary style={{ minHeight: 32, cursor: 'pointer' }}>{texts.others(usual.length)}</summary>
            {tableOf(usual)}
          </details>
        )}
      </Stack>
    </section>
  )
}
