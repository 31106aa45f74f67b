import { characteristicOf, type Evidence } from '#core/catalogue/index.ts'
import { parseEntry } from './entry.ts'
import { defaultEvidence, readingOfEntry, type Reading } from './reading.ts'

type Typed = string | { typed: string; evidence?: Evidence; struck?: boolean }

/**
 * Readings as a user would type them, for tests: characteristic by characteristic, repeats in a list.
 *
 * @example readings({ 'can.wall': ['0.49 mm', '0.50 mm'] })
 */
export function readings(typed: Record<string, Typed | Typed[]>, specimen = 'specimen1'): Reading[] {
  return Object.entries(typed).flatMap(([key, those]) =>
    [those].flat().map((one, index): Reading => {
      const {
        typed: text,
        evidence,
        struck,
      } = typeof one === 'string' ? { typed: one, evidence: undefined, struck: false } : one
      const characteristic = characteristicOf(key)
      const entry = parseEntry(characteristic, { text })
      if (!entry.ok) throw new Error(`${key} "${text}": ${entry.problem.message}`)
      return {
        id: `${key}-${index}`,
        specimenId: specimen,
        characteristic: key,
        rawInput: text,
        ...readingOfEntry(entry.value),
        evidence: evidence ?? defaultEvidence(characteristic),
        instrumentId: null,
        zeroOffset: null,
        source: null,
        note: null,
        recordedAt: '2026-01-01T00:00:00.000Z',
        voided: struck ? { at: '2026-01-01T00:00:00.000Z', reason: null } : null,
      }
    }),
  )
}
