import { isHearsay } from '#core/quantity/coarse.ts'
import { findCharacteristic, sized, type FilterForm, type IrreversibleStepKey } from '#core/catalogue/index.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { problemOfEnd } from '#core/teardown/end.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { irreversibleStepsBefore } from '#core/teardown/progress.ts'
import { defaultEvidence, readingOfEntry } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { announceReadings } from './bench-events.server.ts'
import { now } from './clock.ts'
import { newId } from './id.ts'
import { struckRows, toReadingRow, type NewReading } from './readings.server.ts'
import { addOnce, type Added } from './records.server.ts'
import { nextLabel } from './specimens.server.ts'
import { takenBack } from './take-reading.server.ts'

/** A reading of a line: of what, and what was typed. */
export interface QuickReading {
  characteristic: string
  typed: string
}

/** Whose readings a line holds: a specimen that is there, or the first one of a revision. */
export interface QuickSubject {
  form: FilterForm
  specimenId: string | undefined
  revisionId: string
}

/**
 * Keeps the readings of a line in one transaction, with the specimen that is missing; or says what is wrong with one.
 */
export async function addQuickReadings(
  act: string,
  { form, specimenId, revisionId }: QuickSubject,
  line: readonly QuickReading[],
): Promise<Result<Added>> {
  const id = specimenId ?? newId()
  const readings: NewReading[] = []
  const steps = new Set<IrreversibleStepKey>()
  for (const one of line) {
    const reading = readingOf(one, form, id)
    if (!reading.ok) return reading
    readings.push(reading.value)
    const { station } = findCharacteristic(one.characteristic) ?? {}
    for (const step of station ? irreversibleStepsBefore(station, form) : []) steps.add(step)
  }
  const label = specimenId ? '' : await nextLabel(revisionId)
  const added = await addOnce({ id: act, content: { specimenId, revisionId, line } }, async (trx) => {
    if (!specimenId) await trx('specimen').insert({ id, revisionId, label, acquisition: 'bought', createdAt: now() })
    await trx('reading').insert(readings.flatMap(rowsOf))
    const passed = [...steps].map((step) => ({ specimenId: id, step, passedAt: now() }))
    if (passed.length > 0) await trx('irreversibleStep').insert(passed).onConflict(['specimenId', 'step']).ignore()
  })
  announceReadings(id)
  return ok(added)
}

/** The row of a reading, behind those of what was taken back before it was said. */
function rowsOf(reading: NewReading) {
  const characteristic = findCharacteristic(reading.characteristic)
  const struck = characteristic ? takenBack(characteristic, reading.rawInput) : []
  return [...struckRows(reading, struck), toReadingRow(reading)]
}

/** A reading of a specimen as it was typed, or what is wrong with it. */
export function readingOf(
  { characteristic: key, typed }: QuickReading,
  form: FilterForm,
  specimenId: string,
): Result<NewReading> {
  const characteristic = findCharacteristic(key)
  if (!characteristic?.forms.includes(form)) return problem('unknown', texts.aFilterHasNoOfForm(form, key))
  const entry = parseEntry(sized(characteristic, undefined), { text: typed })
  if (!entry.ok) return problem(entry.problem.code, `${characteristic.label}: ${entry.problem.message}`)
  const noSuchEnd = problemOfEnd(entry.value.end, form)
  if (noSuchEnd) return problem('end', `${characteristic.label}: ${noSuchEnd}`)
  return ok({
    id: newId(),
    specimenId,
    characteristic: key,
    rawInput: typed,
    ...readingOfEntry(entry.value),
    evidence: isHearsay(typed) ? 'reported' : defaultEvidence(characteristic),
    instrumentId: null,
    source: null,
    note: null,
  })
}
