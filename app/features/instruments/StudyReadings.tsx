import { groupBy } from '#core/group-by.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { StudyReading } from '#core/quantity/gauge-study.ts'
import { outlierIndices } from '#core/quantity/repeats.ts'
import * as texts from '#app/texts/instruments.ts'
import { Button } from '#app/ui/Button.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  /** In SI. */
  readings: readonly StudyReading[]
  unit: string
  onAgain: (index: number) => void
}

/** Readings of a study by person and part; one that stands apart can be taken again. */
export function StudyReadings({ readings, unit, onAgain }: Props) {
  const numbered = readings
    .map((reading, index) => ({ ...reading, index }))
    .sort((a, b) => a.person.localeCompare(b.person) || Number(a.part) - Number(b.part) || a.index - b.index)
  const cells = [...groupBy(numbered, ({ person, part }) => JSON.stringify([person, part])).values()]
  const apart = new Set(
    cells.flatMap((cell) => outlierIndices(cell.map(({ value }) => value)).map((at) => cell[at]?.index)),
  )
  return (
    <Table aria-label={texts.theReadings}>
      <thead>
        <tr>
          <th scope="col">{texts.who}</th>
          <th scope="col">{texts.part}</th>
          <th scope="col">{texts.readings}</th>
        </tr>
      </thead>
      <tbody>
        {cells.map((cell) => (
          <tr key={cell[0]?.index}>
            <td>{cell[0]?.person}</td>
            <td>{cell[0]?.part}</td>
            <td>
              {cell.map(({ value, index }) => (
                <span key={index} style={{ marginRight: 12, whiteSpace: 'nowrap' }}>
                  {formatQuantity(value, unit, 3)}
                  {apart.has(index) && (
                    <>
                      {' '}
                      <Button $kind="quiet" onPress={() => onAgain(index)}>
                        {texts.standsApartTakeItAgain}
                      </Button>
                    </>
                  )}
                </span>
              ))}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
