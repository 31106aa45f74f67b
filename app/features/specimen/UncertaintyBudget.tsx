import { characteristicOf } from '#core/catalogue/index.ts'
import type { BudgetLine } from '#app/data/uncertainty-budget.ts'
import { Soft } from '#app/ui/layout.tsx'
import { ShareBar } from '#app/ui/ShareBar.tsx'
import { Table } from '#app/ui/Table.tsx'

const labelOf = (key: string): string =>
  key === 'instrument' ? 'What the instrument is off by' : characteristicOf(key).label

/** Shares of a figure's variance by characteristic, largest first. */
export function UncertaintyBudget({ lines }: { lines: BudgetLine[] }) {
  const [largest] = lines
  if (!largest) return null
  return (
    <>
      <p>
        <Soft>
          {largest.key === 'instrument'
            ? 'A better instrument makes the figure sharper first; repeats do not.'
            : `Measure ${labelOf(largest.key).toLowerCase()} better and the figure gets sharper first.`}
        </Soft>
      </p>
      <Table>
        <tbody>
          {lines.map(({ key, share }) => (
            <tr key={key}>
              <td style={{ width: '26%' }}>{labelOf(key)}</td>
              <td>
                <ShareBar share={share} />
              </td>
              <td style={{ width: '8%' }}>{Math.round(share * 100)} %</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  )
}
