import { characteristicOf, type Evidence } from '#core/catalogue/index.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { subtractZeroOffset } from '#core/teardown/instrument.ts'
import { readingOfEntry, type Reading } from '#core/teardown/reading.ts'
import type { RequestFields } from '#app/features/outbox/act.ts'

/** Kept readings as they are once the requests on their way to the server are done. */
export function withPending(saved: Reading[], pending: readonly RequestFields[], specimenId: string): Reading[] {
  const readings = new Map(saved.map((reading) => [reading.id, reading]))
  for (const fields of pending) {
    const { intent, id = '' } = fields
    const reading = readings.get(id)
    if (intent === 'take' && !reading) readings.set(id, pendingReading(fields, specimenId))
    if (!reading) continue
    if (intent === 'strike' && !reading.voided)
      readings.set(id, { ...reading, voided: { at: reading.recordedAt, reason: null } })
    if (intent === 'restore') readings.set(id, { ...reading, voided: null })
  }
  return [...readings.values()]
}

/** The reading that a request on its way will become. */
export function pendingReading(fields: RequestFields, specimenId: string): Reading {
  const { id = '', characteristic = '', typed = '', readAs, unit, insist, evidence, instrument, zero, at = '' } = fields
  const entry = parseEntry(characteristicOf(characteristic), {
    text: readAs ?? typed,
    insist: insist === 'yes',
    ...(unit && { unit }),
  })
  const zeroOffset = zero === undefined ? null : Number(zero)
  const value = entry.ok ? subtractZeroOffset(entry.value, zeroOffset ?? 0) : {}
  return {
    id,
    specimenId,
    characteristic,
    rawInput: typed,
    ...readingOfEntry(value),
    evidence: evidence as Evidence,
    instrumentId: instrument ?? null,
    zeroOffset,
    source: null,
    note: null,
    recordedAt: at,
    voided: null,
  }
}
