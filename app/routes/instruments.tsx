import { now } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { listGaugeStudies, removeGaugeStudy } from '#app/data/gauge-studies.server.ts'
import { listGradeStudies, removeGradeStudy } from '#app/data/grade-studies.server.ts'
import {
  addCheck,
  addInstrument,
  changeInstrument,
  listInstruments,
  removeInstrument,
  type StoredInstrument,
} from '#app/data/instruments.server.ts'
import {
  checkFields,
  checkSchema,
  instrumentFields,
  instrumentSchema,
  instrumentValues,
  removeSchema,
} from '#app/features/forms/instrument-fields.ts'
import { useEdited } from '#app/features/forms/useEdited.ts'
import { InstrumentForm } from '#app/features/instruments/InstrumentForm.tsx'
import { StudiesCard } from '#app/features/instruments/StudiesCard.tsx'
import { InstrumentTable } from '#app/features/instruments/InstrumentTable.tsx'
import * as texts from '#app/texts/instruments.ts'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/instruments'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'
import { additionRefusal, changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.instrumentsTitle }]

export async function loader() {
  const [instruments, gaugeStudies, gradeStudies] = await Promise.all([
    listInstruments(),
    listGaugeStudies(),
    listGradeStudies(),
  ])
  return { instruments, gaugeStudies, gradeStudies, newInstrument: newId() }
}

export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') return remove(typed)
  if (typed.intent === 'remove-gauge-study') return removeStudy(typed, removeGaugeStudy)
  if (typed.intent === 'remove-grade-study') return removeStudy(typed, removeGradeStudy)
  return typed.intent === 'check' ? check(typed) : save(typed)
}

type Typed = Awaited<ReturnType<typeof fieldsOf>>

async function remove(typed: Typed) {
  const parsed = parseFields(removeSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const removed = await removeInstrument(parsed.value.id)
  return removed === 'removed' ? accepted() : refused(texts.readingsWereTakenWithItSo)
}

async function removeStudy(typed: Typed, removeFrom: (id: string) => Promise<boolean>) {
  const parsed = parseFields(removeSchema, typed)
  if (!parsed.ok) return parsed.refusal
  return (await removeFrom(parsed.value.id)) ? accepted() : refused(texts.thisStudyIsNotHereAny)
}

async function check(typed: Typed) {
  const parsed = parseFields(checkSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { instrumentId } = parsed.value
  if (!(await listInstruments()).some(({ id }) => id === instrumentId)) return refused(texts.thatInstrumentIsNotInThe)
  const added = await addCheck(instrumentId, checkFields(parsed.value, now(), typed))
  return additionRefusal(added, { message: texts.thisCheckIsThereAlready }) ?? accepted()
}

async function save(typed: Typed) {
  const parsed = parseFields(instrumentSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const fields = instrumentFields(parsed.value, typed)
  const taken = { field: 'name', message: texts.anotherInstrumentHasThisName }
  if (!typed.version) return additionRefusal(await addInstrument(fields), taken) ?? accepted()
  const changed = await changeInstrument(fields, seenVersion(typed))
  const current = (await listInstruments()).find(({ id }) => id === fields.id)
  if (!current) return refused(texts.thisInstrumentIsNotHereAny)
  return changeRefusal(changed, taken, { version: current.version, values: instrumentValues(current) }) ?? accepted()
}

export default function Instruments({ loaderData, actionData }: Route.ComponentProps) {
  const { instruments, newInstrument } = loaderData
  const [edited, edit] = useEdited<StoredInstrument>(actionData)
  const id = edited?.id ?? newInstrument
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.instruments}</h1>
        <Soft>{texts.whatYouMeasureWithResolutionAnd}</Soft>
      </Stack>
      <Card>
        <InstrumentTable instruments={instruments} onEdit={edit} />
      </Card>
      <StudiesCard {...loaderData} />
      <InstrumentForm key={id} id={id} edited={edited} result={actionData} onDone={() => edit(undefined)} />
    </Page>
  )
}
