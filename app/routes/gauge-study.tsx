import { useCallback, useEffect } from 'react'
import { href, Link, useNavigate } from 'react-router'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { gaugeStudy } from '#core/quantity/gauge-study.ts'
import { addGaugeStudy } from '#app/data/gauge-studies.server.ts'
import { listInstruments, type StoredInstrument } from '#app/data/instruments.server.ts'
import { KeepLine } from '#app/features/forms/KeepLine.tsx'
import { studyDraftSchema, studySchema, studyValue, type StudyDraft } from '#app/features/forms/study-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { StudyReadings } from '#app/features/instruments/StudyReadings.tsx'
import { StudyResult } from '#app/features/instruments/StudyResult.tsx'
import { StudySetup } from '#app/features/instruments/StudySetup.tsx'
import { StudyTurn } from '#app/features/instruments/StudyTurn.tsx'
import * as texts from '#app/texts/hand-studies.ts'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import { useKept } from '#app/ui/useKept.ts'
import type { Route } from './+types/gauge-study'
import { accepted, fieldsOf, found, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.howSteadyIsYourHandTitle }]

const findInstrument = async (id: string): Promise<StoredInstrument> =>
  found(
    (await listInstruments()).find((one) => one.id === id),
    texts.thisInstrument,
  )

export const loader = async ({ params }: Route.LoaderArgs) => ({ instrument: await findInstrument(params.instrument) })

export async function action({ params, request }: Route.ActionArgs) {
  const { id: instrumentId, kind } = await findInstrument(params.instrument)
  const parsed = parseFields(studySchema(kind), await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const added = await addGaugeStudy({ ...parsed.value, instrumentId })
  return additionRefusal(added, { message: texts.thisStudyIsThereAlready }) ?? accepted()
}

const parseDraft = (kept: unknown): StudyDraft | undefined => studyDraftSchema.safeParse(kept).data

export default function HandStudy({ loaderData: { instrument } }: Route.ComponentProps) {
  const [draft, keep] = useKept(`plicator-study-${instrument.id}`, parseDraft)
  const drop = useCallback(() => keep(undefined), [keep])
  const label = draft && findCharacteristic(draft.characteristic)?.label
  return (
    <Page>
      <Stack $gap={4}>
        <Link to={href('/instruments')}>{texts.instruments}</Link>
        <h1>{texts.howSteadyIsYourHandWith(instrument.name)}</h1>
        <Soft>{texts.measureTheSamePartAgainAnd}</Soft>
      </Stack>
      {!draft || !label ? (
        <StudySetup instrument={instrument} onStart={keep} />
      ) : draft.readings.some(({ typed }) => typed === '') ? (
        <StudyTurn draft={draft} kind={instrument.kind} label={label} onChange={keep} onGiveUp={drop} />
      ) : (
        <Finished instrument={instrument} draft={draft} label={label} onChange={keep} onTaken={drop} />
      )}
    </Page>
  )
}

interface FinishedProps {
  instrument: StoredInstrument
  draft: StudyDraft
  label: string
  onChange: (draft: StudyDraft) => void
  onTaken: () => void
}

/** All readings are there: what they say, and whether they are kept. */
function Finished({ instrument, draft, label, onChange, onTaken }: FinishedProps) {
  const { send, refusal, isIdle, isTaken } = useAction()
  const navigate = useNavigate()
  useEffect(() => {
    if (!isTaken) return
    onTaken()
    void navigate(href('/instruments'))
  }, [isTaken, navigate, onTaken])
  const { characteristic, unit, tolerance, readings: typed } = draft
  const si = (text: string) => {
    const value = studyValue(text, instrument.kind, unit)
    return value.ok ? value.value : 0
  }
  const readings = typed.map((one) => ({ ...one, value: si(one.typed) }))
  const study = gaugeStudy(readings)
  const again = (index: number) =>
    onChange({ ...draft, readings: typed.map((one, at) => (at === index ? { ...one, typed: '' } : one)) })
  const save = () => send({ id: draft.id, characteristic, unit, tolerance, readings: JSON.stringify(typed) })
  return (
    <Card>
      <Stack $gap={14}>
        <h2>{label}</h2>
        {study.ok && (
          <StudyResult
            instrument={instrument}
            characteristic={characteristic}
            unit={unit}
            study={study.value}
            tolerance={tolerance === '' ? null : si(tolerance)}
          />
        )}
        <StudyReadings readings={readings} unit={unit} onAgain={again} />
        <KeepLine
          refusal={refusal || (study.ok ? '' : study.problem.message)}
          label={texts.keepTheStudy}
          isIdle={isIdle && !isTaken}
          onKeep={save}
          back={href('/instruments')}
        />
      </Stack>
    </Card>
  )
}
