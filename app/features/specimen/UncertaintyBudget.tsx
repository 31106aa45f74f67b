import { characteristicOf } from '#core/catalogue/index.ts'
import type { BudgetLine } from '#app/data/uncertainty-budget.ts'
import * as texts from '#app/texts/specimen.ts'
import { Soft } from '#app/ui/layout.tsx'
import { ShareBar } from '#app/ui/ShareBar.tsx'
import { Table } from '#app/ui/Table.tsx'

const labelOf = (key: string): string =>
  key === 'instrument' ? texts.whatTheInstrumentIsOffBy : characteristicOf(key).label

/** Shares of a figure's variance by characteristic, largest first. */
export function UncertaintyBudget({ lines }: { lines: BudgetLine[] }) {
  const [largest] = lines
  if (!largest) return null
  return (
    <>
      <p>
        <Soft>
          {largest.key === 'instrument'
            ? texts.aBetterInstrumentMakesTheFigure
            : texts.measureBetterAndTheFigureGets(labelOf(largest.key).toLowerCase())}
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
