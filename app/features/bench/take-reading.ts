import type { Characteristic, Evidence } from '#core/catalogue/index.ts'
import type { Problem } from '#core/result.ts'
import { firstChecks } from '#core/figures/trouble.ts'
import { crossCheck } from '#core/teardown/cross-check.ts'
import { nameEnds } from '#core/teardown/end.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { subtractZeroOffset } from '#core/teardown/instrument.ts'
import { nextOpen } from '#core/teardown/progress.ts'
import { defaultEvidence, type Reading } from '#core/teardown/reading.ts'
import { resolve, type ResolvedValues } from '#core/teardown/resolve.ts'
import { saidRepeats } from '#core/teardown/said-repeats.ts'
import { splitEntry } from '#core/teardown/split-entry.ts'
import { now } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import type { Reviewer } from '#app/data/reviewer.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import type { RequestFields } from '#app/features/outbox/act.ts'
import { pendingReading } from './pending-readings.ts'

/** What the card of a reading hands over to be taken. */
export interface Take {
  characteristic: Characteristic
  typed: string
  /** What the typed text is meant to say, where the user chose. */
  readAs?: string
  unit?: string
  /** Kept although it is unlikely. */
  insist?: boolean
  evidence: Evidence
  instrument?: StoredInstrument | undefined
  source?: string
  /** Stay for another reading of the same. */
  stay: boolean
}

interface Bench {
  specimen: Specimen
  /** What the reviewer calls the top. */
  topEnd: Reviewer['topEnd']
  readings: Reading[]
  values: ResolvedValues
  arrivedAt: string
  send: (fields: RequestFields) => void
  goTo: (key: string) => void
  onTaken: (id: string) => void
}

/**
 * Takes a reading and moves on to the next open one, or returns what is wrong with it. What was said of another
 * characteristic in the same breath is taken first.
 */
export function takeReading(said: Take, bench: Bench): Problem | undefined {
  const take = withNamedEnd(said, bench)
  const repeats = saidRepeats(take.characteristic, take.readAs ?? take.typed)
  if (repeats) return takeRepeats(take, repeats, bench)
  const parts = splitEntry(take.characteristic, take.readAs ?? take.typed)
  const own = parts?.find(({ characteristic }) => characteristic.key === take.characteristic.key)
  if (!parts || !own) return takeOne(take, bench)
  for (const { characteristic, text } of parts) {
    if (characteristic.key === take.characteristic.key) continue
    const evidence = characteristic.kind === take.characteristic.kind ? take.evidence : defaultEvidence(characteristic)
    const { unit: _, instrument: _instrument, readAs: _readAs, ...others } = take
    const refused = takeOne({ ...others, characteristic, typed: text, evidence, stay: true }, bench)
    if (refused) return refused
  }
  return takeOne({ ...take, readAs: own.text }, bench)
}

/** Takes repeats one after the other, when all of them can be read; the work goes on after the last. */
function takeRepeats({ readAs: _, ...take }: Take, repeats: readonly string[], bench: Bench): Problem | undefined {
  const { characteristic, unit, insist = false } = take
  for (const text of repeats) {
    const entry = parseEntry(characteristic, { text, insist, ...(unit && { unit }) })
    if (!entry.ok) return entry.problem
  }
  for (const [at, typed] of repeats.entries()) {
    const isLast = at === repeats.length - 1
    const refused = takeOne({ ...take, typed, ...(!isLast && { stay: true }) }, bench)
    if (refused) return refused
  }
  return undefined
}

/** What was said at the top or at the bottom, in the reviewer's own sense. */
function withNamedEnd(take: Take, { specimen, topEnd }: Bench): Take {
  if (!take.characteristic.atEnds) return take
  const typed = take.readAs ?? take.typed
  const readAs = nameEnds(typed, specimen.form, topEnd)
  return readAs === typed ? take : { ...take, readAs }
}

function takeOne(take: Take, bench: Bench): Problem | undefined {
  const { characteristic, typed, readAs, unit, insist = false, instrument, stay } = take
  const entry = parseEntry(characteristic, { text: readAs ?? typed, insist, ...(unit && { unit }) })
  if (!entry.ok) return entry.problem
  const value = subtractZeroOffset(entry.value, instrument?.zeroOffset ?? 0)
  const clash = insist ? undefined : crossCheck(characteristic, value, bench.values)
  if (clash) return clash

  const fields = takeFields(take, bench.arrivedAt)
  bench.send(fields)
  bench.onTaken(fields.id)
  if (stay) return undefined
  const { specimen, readings, goTo } = bench
  const values = resolve([...readings, pendingReading(fields, specimen.id)])
  const first = firstChecks(specimen.trouble, specimen.form)
  const next = nextOpen(specimen.form, values, characteristic.key, specimen.recordingPlan, first)
  goTo((next ?? characteristic).key)
  return undefined
}

function takeFields(
  { characteristic, typed, readAs, unit, insist, evidence, instrument, source }: Take,
  since: string,
) {
  const zero = instrument?.zeroOffset ?? 0
  return {
    intent: 'take',
    id: newId(),
    characteristic: characteristic.key,
    typed,
    evidence,
    at: now(),
    since,
    ...(readAs && { readAs }),
    ...(unit && { unit }),
    ...(insist && { insist: 'yes' }),
    ...(source && { source }),
    ...(instrument && { instrument: instrument.id }),
    ...(zero !== 0 && { zero: String(zero) }),
  }
}
