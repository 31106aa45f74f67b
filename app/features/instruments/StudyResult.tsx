import { measuringShare, toleranceShare, type GaugeStudy } from '#core/quantity/gauge-study.ts'
import { formatQuantity, formatCount } from '#core/quantity/format.ts'
import { unitOf } from '#core/quantity/units.ts'
import { repeatPrior, type Instrument } from '#core/teardown/instrument.ts'
import { Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  instrument: Instrument
  characteristic: string
  unit: string
  study: GaugeStudy
  tolerance: number | null
}

const percent = (share: number): string => `${Math.round(100 * share)} %`

/** What a study says: the hand, the people, the parts, and what it does to readings from now on. */
export function StudyResult({ instrument, characteristic, unit, study, tolerance }: Props) {
  const shown = (si: number) => formatQuantity(si, unit, unitOf(unit).decimals + 2)
  const { repeatability, reproducibility, betweenParts, degrees } = study
  const share = measuringShare(study)
  const before = repeatPrior(instrument, characteristic)
  const own = { characteristic, deviation: repeatability, degrees }
  const after = repeatPrior({ ...instrument, ownRepeats: [...(instrument.ownRepeats ?? []), own] }, characteristic)
  const rows = [
    ['Repeatability: one hand, one part', shown(repeatability)],
    ['Reproducibility: between people', reproducibility === undefined ? 'one person alone' : shown(reproducibility)],
    ['Both together', shown(study.measuring)],
    ['Between the parts', betweenParts === undefined ? 'one part alone' : shown(betweenParts)],
    ...(share === undefined ? [] : [['The measuring, of all that differs', percent(share)]]),
    ...(tolerance === null ? [] : [['The measuring, of the tolerance', percent(toleranceShare(study, tolerance))]]),
  ]
  return (
    <Stack $gap={10}>
      <Table aria-label="What the study says">
        <thead>
          <tr>
            <th scope="col">Scatter, one standard deviation</th>
            <th scope="col">
              {formatCount(study.people, 'person', 'people')}, {formatCount(study.parts, 'part')}, {study.repeats} times
              each
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, value]) => (
            <tr key={label}>
              <th scope="row">{label}</th>
              <td>{value}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <p>
        A single reading with it was held to scatter by {shown(before.deviation)}; with this study by{' '}
        <strong>{shown(after.deviation)}</strong>, {Math.round(after.degrees)} degrees of freedom.
      </p>
      {share !== undefined && (
        <Small>
          {share <= 0.1
            ? 'Under 10 %: it tells such parts apart well.'
            : share <= 0.3
              ? 'Between 10 and 30 %: it tells such parts apart where they differ plainly.'
              : 'Over 30 %: what differs between such parts is for the most part the measuring.'}
        </Small>
      )}
      <Small>
        Tells repeatability and reproducibility by analysis of variance, in the words of common handbooks of measurement
        systems. Another person’s readings are not corrected by it.
      </Small>
    </Stack>
  )
}
