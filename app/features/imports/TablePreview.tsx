import { formatValue } from '#core/figures/format-value.ts'
import type { SheetReading } from '#core/exchange/sheet-rows.ts'
import { formatCount } from '#core/quantity/format.ts'
import { Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** What the first values of a table become: those that cannot be read first, with the reason. */
export function TablePreview({ readings, isWhole }: { readings: readonly SheetReading[]; isWhole: boolean }) {
  const { units } = usePreferences()
  const order = { refused: 0, read: 1, left: 2 }
  const shown = [...readings].sort((a, b) => order[a.fate.state] - order[b.fate.state]).slice(0, 60)
  const counts = (['read', 'refused', 'left'] as const).map(
    (state) => readings.filter(({ fate }) => fate.state === state).length,
  )
  return (
    <Stack $gap={8}>
      <h2>What becomes of it</h2>
      <p role="status">
        {isWhole ? '' : `Of the first ${readings.length}: `}
        {formatCount(counts[0] ?? 0, 'reading')}, {formatCount(counts[1] ?? 0, 'value')} that cannot be read,{' '}
        {counts[2]} left away.
      </p>
      <Table aria-label="What becomes of the values">
        <thead>
          <tr>
            <th scope="col">Product</th>
            <th scope="col">Heading</th>
            <th scope="col">In the table</th>
            <th scope="col">Becomes</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ value, product, fate }) => (
            <tr
              key={`${value.row} ${value.column}`}
              style={fate.state === 'refused' ? { background: 'var(--amber-soft)' } : undefined}
            >
              <td>{product && !product.isLeft ? `${product.brand} ${product.partNumber}` : value.product}</td>
              <td>{value.heading}</td>
              <td>{value.text}</td>
              <td>
                {fate.state === 'read' ? (
                  <>
                    {fate.characteristic.label}:{' '}
                    {fate.value.saidBack ?? formatValue(fate.characteristic, fate.value, units)}
                  </>
                ) : (
                  <Small>{fate.state === 'left' ? `left away: ${fate.reason}` : fate.reason}</Small>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {readings.length > shown.length && <Small>{readings.length - shown.length} more are not shown.</Small>}
    </Stack>
  )
}
