import { formatValue } from '#core/figures/format-value.ts'
import type { SheetReading } from '#core/exchange/sheet-rows.ts'
import * as texts from '#app/texts/imports.ts'
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
      <h2>{texts.whatBecomesOfIt}</h2>
      <p role="status">
        {texts.readingsValuesThatCannotBeRead(
          isWhole ? '' : texts.ofTheFirst(readings.length),
          counts[0] ?? 0,
          counts[1] ?? 0,
        )}{' '}
        {counts[2]} {texts.leftAwayInLine}
      </p>
      <Table aria-label={texts.whatBecomesOfTheValues}>
        <thead>
          <tr>
            <th scope="col">{texts.product}</th>
            <th scope="col">{texts.heading}</th>
            <th scope="col">{texts.inTheTable}</th>
            <th scope="col">{texts.becomes}</th>
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
                  <Small>{fate.state === 'left' ? texts.leftAwayOfReason(fate.reason) : fate.reason}</Small>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {readings.length > shown.length && <Small>{texts.moreAreNotShown(readings.length - shown.length)}</Small>}
    </Stack>
  )
}
