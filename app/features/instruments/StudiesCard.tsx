import { href } from 'react-router'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { formatFixed, formatQuantity } from '#core/quantity/format.ts'
import { measuringShare, toleranceShare } from '#core/quantity/gauge-study.ts'
import { unitOf } from '#core/quantity/units.ts'
import { fewestGradePairs, gradeDeviation } from '#core/teardown/grade-study.ts'
import { instrumentKinds } from '#core/teardown/instrument.ts'
import type { StoredGaugeStudy } from '#app/data/gauge-studies.server.ts'
import type { StoredGradeStudy } from '#app/data/grade-studies.server.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/instruments.ts'
import { Day } from '#app/ui/Day.tsx'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  instruments: readonly StoredInstrument[]
  gaugeStudies: readonly StoredGaugeStudy[]
  gradeStudies: readonly StoredGradeStudy[]
}

/** How steady hand and eye were found to be; both go into the doubt of what they read. */
export function StudiesCard({ instruments, gaugeStudies, gradeStudies }: Props) {
  const { send, refusal } = useAction()
  return (
    <Card>
      <Stack $gap={12}>
        <h2>{texts.howSteadyAreHandAndEye}</h2>
        {gaugeStudies.length === 0 ? (
          <Soft>{texts.notStudiedYetAUsualHand}</Soft>
        ) : (
          <Table aria-label={texts.studiesOfTheHand}>
            <thead>
              <tr>
                <th scope="col">{texts.instrument}</th>
                <th scope="col">{texts.measured}</th>
                <th scope="col">{texts.oneHandScattersBy}</th>
                <th scope="col">{texts.betweenPeople}</th>
                <th scope="col">{texts.ofWhatDiffers}</th>
                <th scope="col">{texts.ofTheTolerance}</th>
                <th scope="col">{texts.day}</th>
                <th scope="col" />
              </tr>
            </thead>
            <tbody>
              {gaugeStudies.map(({ id, ...one }) => (
                <GaugeStudyRow
                  key={id}
                  study={one}
                  instrument={instruments.find((instrument) => instrument.id === one.instrumentId)}
                  onRemove={() => send({ intent: 'remove-gauge-study', id })}
                />
              ))}
            </tbody>
          </Table>
        )}
        <GradeLine studies={gradeStudies} onRemove={(id) => send({ intent: 'remove-grade-study', id })} />
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </Card>
  )
}

interface RowProps {
  study: Omit<StoredGaugeStudy, 'id'>
  instrument: StoredInstrument | undefined
  onRemove: () => void
}

function GaugeStudyRow({ study: { characteristic, study, tolerance, createdAt }, instrument, onRemove }: RowProps) {
  if (!instrument) return null
  const [unit] = instrumentKinds[instrument.kind].units
  const shown = (si: number) => formatQuantity(si, unit, unitOf(unit).decimals + 2)
  const percent = (share: number | undefined) => (share === undefined ? '–' : `${Math.round(100 * share)} %`)
  const label = findCharacteristic(characteristic)?.label ?? characteristic
  return (
    <tr>
      <td>{instrument.name}</td>
      <td>{label}</td>
      <td>{texts.readingsOfShown(shown(study.repeatability), study.people * study.parts * study.repeats)}</td>
      <td>{study.reproducibility === undefined ? texts.onePerson : shown(study.reproducibility)}</td>
      <td>{percent(measuringShare(study))}</td>
      <td>{percent(tolerance === null ? undefined : toleranceShare(study, tolerance))}</td>
      <td>
        <Day of={createdAt} />
      </td>
      <td>
        <Button $kind="quiet" onPress={onRemove} aria-label={texts.removeTheStudyOfWith(label, instrument.name)}>
          {texts.remove}
        </Button>
      </td>
    </tr>
  )
}

function GradeLine({ studies, onRemove }: { studies: readonly StoredGradeStudy[]; onRemove: (id: string) => void }) {
  const pairs = studies.flatMap((study) => study.pairs)
  const [latest] = studies
  const said =
    pairs.length === 0
      ? texts.gradesAreHeldToHalfA
      : pairs.length < fewestGradePairs
        ? texts.gradesGivenAgainFromOnThey(pairs.length, fewestGradePairs)
        : [
            texts.gradesGivenAgainYoursScatterBy(pairs.length, formatFixed(gradeDeviation(pairs), 2)),
            texts.besideTheHalfStepOfThe,
          ].join(' ')
  return (
    <Row>
      <span>{said}</span>
      <ButtonLink to={href('/instruments/grades')}>{texts.gradeAgainBlind}</ButtonLink>
      {latest && (
        <Button $kind="quiet" onPress={() => onRemove(latest.id)} aria-label={texts.removeTheLatestGradesGivenAgain}>
          {texts.removeTheLatest}
        </Button>
      )}
    </Row>
  )
}
