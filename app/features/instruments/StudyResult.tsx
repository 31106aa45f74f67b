import { measuringShare, toleranceShare, type GaugeStudy } from '#core/quantity/gauge-study.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { unitOf } from '#core/quantity/units.ts'
import { repeatPrior, type Instrument } from '#core/teardown/instrument.ts'
import * as texts from '#app/texts/instruments.ts'
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
    [texts.repeatabilityOneHandOnePart, shown(repeatability)],
    [texts.reproducibilityBetweenPeople, reproducibility === undefined ? texts.onePersonAlone : shown(reproducibility)],
    [texts.bothTogether, shown(study.measuring)],
    [texts.betweenTheParts, betweenParts === undefined ? texts.onePartAlone : shown(betweenParts)],
    ...(share === undefined ? [] : [[texts.theMeasuringOfAllThatDiffers, percent(share)]]),
    ...(tolerance === null ? [] : [[texts.theMeasuringOfTheTolerance, percent(toleranceShare(study, tolerance))]]),
  ]
  return (
    <Stack $gap={10}>
      <Table aria-label={texts.whatTheStudySays}>
        <thead>
          <tr>
            <th scope="col">{texts.scatterOneStandardDeviation}</th>
            <th scope="col">{texts.peoplePartsTimesEach(study.people, study.parts, study.repeats)}</th>
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
        {texts.aSingleReadingWithItWas(shown(before.deviation))} <strong>{shown(after.deviation)}</strong>
        {texts.degreesOfFreedom(Math.round(after.degrees))}
      </p>
      {share !== undefined && (
        <Small>
          {share <= 0.1
            ? texts.under10ItTellsSuchParts
            : share <= 0.3
              ? texts.between10And30ItTells
              : texts.over30WhatDiffersBetweenSuch}
        </Small>
      )}
      <Small>{texts.tellsRepeatabilityAnd}</Small>
    </Stack>
  )
}
