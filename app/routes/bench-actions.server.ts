import { findCharacteristic } from '#core/catalogue/index.ts'
import type { Problem } from '#core/result.ts'
import { endsDiscussion } from '#core/score/fatal-faults.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { parseZeroOffset } from '#core/teardown/instrument.ts'
import { missingBefore } from '#core/teardown/progress.ts'
import { planFromRecorded } from '#core/teardown/recording-plan.ts'
import { readingOfEntry } from '#core/teardown/reading.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { addComparisonOf, removeComparison } from '#app/data/comparisons.server.ts'
import { listInstruments, saveZeroOffset } from '#app/data/instruments.server.ts'
import { addOwed, addPrediction, settleOwed } from '#app/data/foresight.server.ts'
import { addIrreversibleStep } from '#app/data/irreversible-steps.server.ts'
import { addNote, removeNote } from '#app/data/notes.server.ts'
import { removePhoto } from '#app/data/photos.server.ts'
import { listReadings, restoreReading, voidReading } from '#app/data/readings.server.ts'
import { findSpecimen, saveRecordingPlan, type Specimen } from '#app/data/specimens.server.ts'
import { takeReading } from '#app/data/take-reading.server.ts'
import type { BenchRequest } from '#app/features/bench/bench-request.ts'
import * as texts from '#app/texts/bench.ts'

type RequestOf<Intent extends BenchRequest['intent']> = Extract<BenchRequest, { intent: Intent }>

type Outcome = Promise<Problem | undefined>

const gone: Problem = { code: 'unknown', message: texts.thisReadingIsNotHereIt }

/** Does what the bench asks, or says what is wrong with it. */
export async function actAtBench(specimen: Specimen, request: BenchRequest): Outcome {
  switch (request.intent) {
    case 'take':
      return takeReading(specimen, request)
    case 'strike':
      return strikeReading(specimen, request)
    case 'restore':
      return (await restoreReading(specimen.id, request.id)) ? undefined : gone
    case 'note':
      await addNote(specimen.id, request)
      return undefined
    case 'drop-note':
      await removeNote(specimen.id, request.id)
      return undefined
    case 'drop-photo':
      await removePhoto(specimen.id, request.id)
      return undefined
    case 'pass':
      return passIrreversibleStep(specimen, request)
    case 'ask':
      return requestCharacteristic(specimen, request)
    case 'ask-like':
      return requestRecordedLike(specimen, request)
    case 'zero':
      return setZeroOffset(request)
    case 'owe':
      if (!findCharacteristic(request.characteristic)?.forms.includes(specimen.form))
        return { code: 'unknown', message: texts.thereIsNo(request.characteristic) }
      await addOwed(specimen.id, request)
      return undefined
    case 'settle':
      await settleOwed(specimen.id, request.id)
      return undefined
    case 'predict':
      return predict(specimen, request)
    case 'compare':
      return compare(specimen, request)
    case 'drop-comparison':
      await removeComparison(request.id)
      return undefined
  }
}

/** A fault that ends the discussion is not taken away without a word. */
async function strikeReading(specimen: Specimen, { id, why }: RequestOf<'strike'>): Outcome {
  if (!why) {
    const reading = (await listReadings(specimen.id)).find((one) => one.id === id)
    if (reading && !reading.voided && endsDiscussion(reading))
      return { code: 'reason', message: texts.sayWhyItIsStruckIt }
  }
  return (await voidReading(specimen.id, id, why || null)) ? undefined : gone
}

async function passIrreversibleStep(specimen: Specimen, { point, reason }: RequestOf<'pass'>): Outcome {
  const values = resolve(await listReadings(specimen.id))
  const { lost } = missingBefore(point, specimen.form, values, specimen.recordingPlan)
  await addIrreversibleStep(specimen.id, { step: point, reason, missing: lost })
  return undefined
}

async function requestCharacteristic(specimen: Specimen, { characteristic, asked }: RequestOf<'ask'>): Outcome {
  if (!findCharacteristic(characteristic)) return { code: 'unknown', message: texts.thereIsNo(characteristic) }
  const { [characteristic]: _, ...others } = specimen.recordingPlan
  await saveRecordingPlan(specimen.id, asked === 'usual' ? others : { ...others, [characteristic]: asked === 'yes' })
  return undefined
}

async function requestRecordedLike(specimen: Specimen, { from }: RequestOf<'ask-like'>): Outcome {
  const readings = await listReadings(from)
  const recorded = new Set(readings.filter(({ voided }) => !voided).map(({ characteristic }) => characteristic))
  if (recorded.size === 0) return { code: 'empty', message: texts.nothingWasRecordedOfThatSpecimen }
  await saveRecordingPlan(specimen.id, planFromRecorded(specimen.form, recorded))
  return undefined
}

/** A prediction is taken only before the thing itself was measured or seen. */
async function predict(specimen: Specimen, { id, characteristic: key, typed, unit }: RequestOf<'predict'>): Outcome {
  const characteristic = findCharacteristic(key)
  if (!characteristic?.forms.includes(specimen.form)) return { code: 'unknown', message: texts.thereIsNoOfKey(key) }
  const entry = parseEntry(characteristic, { text: typed, insist: true, ...(unit && { unit }) })
  if (!entry.ok) return entry.problem
  const known = resolve(await listReadings(specimen.id)).get(key)
  if (known?.evidence === 'measured' || known?.evidence === 'observed')
    return { code: 'known', message: texts.isKnownAlreadyThatWouldBe(characteristic.label) }
  const { valueNumber, valueHalf, valueText } = readingOfEntry(entry.value)
  await addPrediction(specimen.id, { id, characteristic: key, rawInput: typed, valueNumber, valueHalf, valueText })
  return undefined
}

/** What is said of a specimen beside another of its line-up. */
async function compare(
  specimen: Specimen,
  { id, characteristic, other: otherId, line }: RequestOf<'compare'>,
): Outcome {
  if (!findCharacteristic(characteristic)?.forms.includes(specimen.form))
    return { code: 'unknown', message: texts.thereIsNo(characteristic) }
  const other = await findSpecimen(otherId)
  if (other?.applicationId !== specimen.applicationId)
    return { code: 'unknown', message: texts.theOtherFilterIsNotHere }
  if (other.id === specimen.id) return { code: 'unknown', message: texts.aFilterIsNotComparedWith }
  const added = await addComparisonOf(specimen, other, { id, of: characteristic, line })
  return added.ok ? undefined : added.problem
}

async function setZeroOffset({ instrument: id, shows }: RequestOf<'zero'>): Outcome {
  const instrument = (await listInstruments()).find((one) => one.id === id)
  if (!instrument) return { code: 'unknown', message: texts.thatInstrumentIsNotInThe }
  const zeroOffset = parseZeroOffset(shows, instrument.kind)
  if (!zeroOffset.ok) return zeroOffset.problem
  await saveZeroOffset(instrument.id, zeroOffset.value)
  return undefined
}
