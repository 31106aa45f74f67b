import { isHearsay, saidBefore } from '#core/quantity/coarse.ts'
import { findUnit, unitOf } from '#core/quantity/units.ts'
import { findCharacteristic, sized, type Characteristic, type Evidence } from '#core/catalogue/index.ts'
import { ok, problem, type Problem, type Result } from '#core/result.ts'
import { millisecondsPerDay } from '#core/calendar.ts'
import { crossCheck } from '#core/teardown/cross-check.ts'
import { problemOfEnd } from '#core/teardown/end.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { instrumentsFor, isZeroOffset, subtractZeroOffset } from '#core/teardown/instrument.ts'
import { irreversibleStepsBefore } from '#core/teardown/progress.ts'
import { readingOfEntry } from '#core/teardown/reading.ts'
import { sizeClassOf } from '#core/teardown/size-class-of.ts'
import { resolve } from '#core/teardown/resolve.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { instrumentsOf, type StoredInstrument } from './instruments.server.ts'
import { addReading, listReadings, type StruckReading } from './readings.server.ts'
import type { Specimen } from './specimens.server.ts'

/** A reading as it is taken, in the user's notation. */
export interface TakeReadingRequest {
  id: string
  characteristic: string
  typed: string
  /** What the typed text is meant to say, where the user chose. */
  readAs?: string | undefined
  unit?: string | undefined
  /** Kept although it is unlikely. */
  insist?: 'yes' | undefined
  evidence: Evidence
  source: string
  instrument?: string | undefined
  /** What the instrument shows at zero, SI. */
  zero?: number | undefined
  at?: string | undefined
  /** When the user came to its station. */
  since?: string | undefined
}

/** Keeps a reading as the bench took it, or says what is wrong with it. */
export async function takeReading(specimen: Specimen, request: TakeReadingRequest): Promise<Problem | undefined> {
  const found = findCharacteristic(request.characteristic)
  if (!found?.forms.includes(specimen.form))
    return {
      code: 'unknown',
      message: texts.aFilterHasNo(specimen.form, request.characteristic),
    }
  const known = resolve(await listReadings(specimen.id))
  const characteristic = sized(found, sizeClassOf(specimen.form, specimen.sizeClass, known))
  const unit = unitOfRequest(characteristic, request)
  if (!unit.ok) return unit.problem
  const insist = request.insist === 'yes'
  const entry = parseEntry(characteristic, {
    text: request.readAs ?? request.typed,
    insist,
    ...(unit.value && { unit: unit.value }),
  })
  if (!entry.ok) return entry.problem
  const noSuchEnd = problemOfEnd(entry.value.end, specimen.form)
  if (noSuchEnd) return { code: 'end', message: noSuchEnd }
  const instrument = instrumentOfRequest(characteristic, await instrumentsOf(specimen), request)
  if (!instrument.ok) return instrument.problem

  const zeroOffset = (instrument.value && request.zero) || null
  const value = subtractZeroOffset(entry.value, zeroOffset ?? 0)
  const clash = insist ? undefined : crossCheck(characteristic, value, known)
  if (clash) return clash

  const added = await addReading(
    {
      id: request.id,
      specimenId: specimen.id,
      characteristic: characteristic.key,
      rawInput: request.typed.trim(),
      ...readingOfEntry(value),
      evidence: isHearsay(request.typed) ? 'reported' : request.evidence,
      instrumentId: isHearsay(request.typed) ? null : (instrument.value?.id ?? null),
      zeroOffset,
      source: request.source || null,
      note: null,
      recordedAt: momentOf(request.at),
    },
    {
      struckBefore: takenBack(characteristic, request.typed),
      passedSteps: irreversibleStepsBefore(characteristic.station, specimen.form),
      stationStart: { station: characteristic.station, startedAt: momentOf(request.since) },
    },
  )
  return added === 'added' ? undefined : idInUse
}

/**
 * What was taken back in the same breath ("0.5, no, 0.48"), as readings of which the reason for the strike is known.
 *
 * @param characteristic that was asked for
 * @param typed all that was typed
 */
export const takenBack = (characteristic: Characteristic, typed: string): StruckReading[] =>
  saidBefore(typed).flatMap((rawInput) => {
    const entry = parseEntry(characteristic, { text: rawInput, insist: true })
    return entry.ok ? [{ rawInput, ...readingOfEntry(entry.value) }] : []
  })

const idInUse: Problem = {
  code: 'unknown',
  message: texts.anotherReadingHasTheNumberThat,
}

/** The unit that was chosen, if it is one in which the characteristic is read. */
function unitOfRequest(characteristic: Characteristic, { unit }: TakeReadingRequest): Result<string | undefined> {
  if (!unit || !('units' in characteristic) || characteristic.units.includes(unit)) return ok(unit)
  const [usual] = characteristic.units
  if (findUnit(unit, unitOf(usual).dimension)?.dimension === unitOf(usual).dimension) return ok(unit)
  return problem('wrong-kind', texts.isNotReadInButIn(characteristic.label, unit, characteristic.units.join(', ')))
}

/** The instrument that was named, if it can read the characteristic and be off at zero by what was sent. */
function instrumentOfRequest(
  characteristic: Characteristic,
  instruments: StoredInstrument[],
  { instrument: id, zero = 0 }: TakeReadingRequest,
): Result<StoredInstrument | undefined> {
  if (!id) return ok(undefined)
  const instrument = instrumentsFor(characteristic, instruments).find((one) => one.id === id)
  if (!instrument) return problem('unknown', texts.thatInstrumentIsNotInThe)
  if (!isZeroOffset(zero, instrument.kind)) return problem('absurd', texts.theZeroOfIsNoOffset(instrument.name))
  return ok(instrument)
}

/** So long a connection may be down. */
const longestWait = 30 * millisecondsPerDay

/** A moment of the user's clock, unless it lies ahead or longer ago than a connection is ever down. */
function momentOf(sent: string | undefined): string {
  const present = Date.now()
  const moment = sent === undefined ? present : Date.parse(sent)
  return new Date(moment > present || moment < present - longestWait ? present : moment).toISOString()
}
