import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import type { BudgetLine } from '#app/data/uncertainty-budget.ts'
import { Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

const Bar = styled.div`
  height: 14px;
  background: var(--line);
  border-radius: 3px;
  overflow: hidden;
  > div {
    height: 100%;
    background: var(--green);
  }
`

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
                <Bar aria-hidden>
                  <div style={{ width: `${share * 100}%` }} />
                </Bar>
              </td>
              <td style={{ width: '8%' }}>{Math.round(share * 100)} %</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  )
}
