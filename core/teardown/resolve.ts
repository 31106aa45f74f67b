import { findCharacteristic, strength, type Characteristic, type Evidence } from '#core/catalogue/index.ts'
import { gainOfAnother, mean, outliers, standardDeviation, typeA, typeB } from '#core/quantity/repeats.ts'
import { uncertain, type Uncertain } from '#core/quantity/uncertain.ts'
import { assumedInstruments, usualInstrument, type Instrument } from './instrument.ts'
import type { OpeningGroup } from './openings.ts'
import type { Reading } from './reading.ts'

/** What a characteristic of one specimen is, worked out from its readings. */
export interface Resolved {
  key: string
  evidence: Evidence
  /** Quantities, counts and grades. */
  number?: Uncertain
  /** Answers, designations and words. */
  text?: string
  groups?: OpeningGroup[]
  /** Readings the value rests on, oldest first. */
  readings: Reading[]
  /** Ids among them that stand apart from the rest. */
  outliers: string[]
  /** Repeats do not agree about something that cannot be averaged. */
  disagree: boolean
  /** Sample standard deviation of the repeats, SI, from two up. */
  spread?: number
  /** Share of the doubt that one more repeat would take away, 0 to 1; from two repeats up. */
  gain?: number
}

export type Known = ReadonlyMap<string, Resolved>

/**
 * Readings of one specimen as values, by characteristic.
 *
 * Struck readings count for nothing. The best evidence class present wins alone (measured, observed,
 * claimed, inferred), so an inferred value never pulls at a measured one. Repeats of a quantity are
 * averaged. Repeats of a count that differ are settled by the majority, else by the latest, and
 * flagged. Of answers, words and grades the latest holds.
 *
 * Uncertainty: type A from repeats, type B from the instrument and from what the part gives in the hand
 * (rectangular); a count is exact when its repeats
 * agree and otherwise doubtful by half their range (rectangular); a count to the half turn is known to
 * a quarter.
 *
 * @param readings of one specimen, oldest first
 * @param instruments by id; a reading that names none, or one not listed, is taken with the assumed one
 * @example resolve([wall049, wall050]).get('can.wall')?.number?.value // => 0.000495
 */
export function resolve(readings: readonly Reading[], instruments: ReadonlyMap<string, Instrument> = new Map()): Known {
  const byKey = new Map<string, Reading[]>()
  for (const reading of readings) {
    if (reading.struck) continue
    const those = byKey.get(reading.characteristic)
    if (those) those.push(reading)
    else byKey.set(reading.characteristic, [reading])
  }

  const known = new Map<string, Resolved>()
  for (const [key, all] of byKey) {
    const characteristic = findCharacteristic(key)
    if (!characteristic) continue
    const best = all.reduce(
      (best, { evidence }) => (strength(evidence) < strength(best) ? evidence : best),
      all[0]!.evidence,
    )
    const used = all.filter(({ evidence }) => evidence === best)
    known.set(key, {
      key,
      evidence: best,
      readings: used,
      outliers: [],
      disagree: false,
      ...settle(characteristic, used, instruments),
    })
  }
  return known
}

type Settled = Pick<Resolved, 'number' | 'text' | 'groups'> &
  Partial<Pick<Resolved, 'outliers' | 'disagree' | 'spread' | 'gain'>>

function settle(
  characteristic: Characteristic,
  used: Reading[],
  instruments: ReadonlyMap<string, Instrument>,
): Settled {
  const latest = used.at(-1)!
  const source = `${latest.specimen}/${characteristic.key}`
  switch (characteristic.kind) {
    case 'quantity': {
      const values = used.map(({ number }) => number!)
      const kind = usualInstrument(characteristic)!
      const instrument = instruments.get(latest.instrument ?? '') ?? assumedInstruments[kind]
      const unrepeatable = Math.hypot(typeB(instrument), (characteristic.handling ?? 0) / Math.sqrt(3))
      return {
        number: uncertain(mean(values), Math.hypot(typeA(values), unrepeatable), source),
        outliers: outliers(values).map((index) => used[index]!.id),
        ...(values.length > 1 && { spread: standardDeviation(values), gain: gainOfAnother(values, unrepeatable) }),
      }
    }
    case 'count': {
      const values = used.map(({ number }) => number!)
      const value = majority(values) ?? latest.number!
      const range = Math.max(...values) - Math.min(...values)
      const floor = characteristic.step === 0.5 ? 0.25 : 0
      return { number: uncertain(value, Math.max(range / 2, floor) / Math.sqrt(3), source), disagree: range > 0 }
    }
    case 'grade':
      return {
        number: uncertain(latest.number!, 0, source),
        disagree: used.some(({ number }) => number !== latest.number),
      }
    case 'openings':
      return {
        groups: latest.groups ?? [],
        disagree: used.some(({ groups }) => JSON.stringify(groups) !== JSON.stringify(latest.groups)),
      }
    default:
      return { text: latest.text ?? '', disagree: used.some(({ text }) => text !== latest.text) }
  }
}

/** The value held by more than half of the repeats, or by most when two agree and none else does. */
function majority(values: number[]): number | undefined {
  const votes = new Map<number, number>()
  for (const value of values) votes.set(value, (votes.get(value) ?? 0) + 1)
  const ranked = [...votes].sort((a, b) => b[1] - a[1])
  return ranked.length === 1 || ranked[0]![1] > ranked[1]![1] ? ranked[0]![0] : undefined
}
