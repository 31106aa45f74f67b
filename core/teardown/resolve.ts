import { evidenceRank, findCharacteristic, foundSo, type Characteristic } from '#core/catalogue/index.ts'
import { groupBy } from '#core/group-by.ts'
import type { Instrument } from './instrument.ts'
import type { Reading } from './reading.ts'
import { resolveGrade, resolveNumber, resolveOpenings } from './resolve-numbers.ts'
import type { Resolution, ResolvedValue, ResolvedValues } from './resolved-value.ts'
import { worstByEnd } from './worst-end.ts'

export type { ResolvedOpenings, ResolvedValue, ResolvedValues } from './resolved-value.ts'

/**
 * Readings of one specimen as values, by characteristic.
 *
 * Struck readings count for nothing, nor does hearsay: it raises a check. The best evidence class present wins alone
 * (measured, observed, claimed, inferred), so an inferred value never pulls at a measured one. Repeats of a quantity
 * are averaged, each with the uncertainty of its own instrument. Repeats of a count that differ are settled by the
 * majority, else by the latest, and flagged. Of answers, words and grades the latest holds, of each end where there are
 * two, and the worse end decides; of a fault the worst, wherever it was seen, until that is struck.
 *
 * What was said roughly ("about 300 g") counts, by its width, only while nothing was read sharply. A figure that was
 * told as such is known to its stated allowance, however often it was told.
 *
 * Uncertainty: type A from repeats, type B from the instrument and from what the part gives in the hand
 * (rectangular); a count is exact when its repeats
 * agree and otherwise uncertain by half their range (rectangular); a count to the half turn is known to
 * a quarter.
 *
 * @param readings of one specimen, oldest first
 * @param instruments by id; a reading that names none, or one not listed, is taken with the assumed one
 * @param gradeDeviation by which the reviewer's own grades scatter when they are given again, in steps; beside half a
 *   step
 * @example resolve(readings({ 'can.wall': ['0.49 mm', '0.50 mm'] })).get('can.wall')?.number?.value // => 0.000495
 */
export function resolve(
  readings: readonly Reading[],
  instruments: ReadonlyMap<string, Instrument> = new Map(),
  gradeDeviation = 0,
): ResolvedValues {
  const standing = readings.filter(({ voided, evidence }) => !voided && evidence !== 'reported')
  const values = new Map<string, ResolvedValue>()
  for (const [key, all] of groupBy(standing, ({ characteristic }) => characteristic)) {
    const characteristic = findCharacteristic(key)
    const rank = Math.min(...all.map(({ evidence }) => evidenceRank(evidence)))
    const [first, ...others] = all.filter(({ evidence }) => evidenceRank(evidence) === rank)
    if (!characteristic || !first) continue
    values.set(key, {
      key,
      specimenId: first.specimenId,
      evidence: first.evidence,
      readings: [first, ...others],
      outliers: [],
      disagree: false,
      ...resolveCharacteristic(characteristic, [first, ...others], instruments, gradeDeviation),
    })
  }
  return values
}

function resolveCharacteristic(
  characteristic: Characteristic,
  used: readonly [Reading, ...Reading[]],
  instruments: ReadonlyMap<string, Instrument>,
  gradeDeviation: number,
): Resolution {
  const ended = characteristic.atEnds ? worstByEnd(characteristic, used) : undefined
  const latest = ended?.reading ?? used.at(-1) ?? used[0]
  const { end } = ended ?? {}
  switch (characteristic.kind) {
    case 'quantity':
    case 'count':
      return resolveNumber(characteristic, used, instruments)
    case 'grade': {
      const { number } = resolveGrade(latest, gradeDeviation)
      const disagree = used.some(({ valueNumber }) => valueNumber !== latest.valueNumber)
      return { number, disagree: ended?.disagree ?? disagree, ...(end && { end }) }
    }
    case 'openings':
      return resolveOpenings(characteristic.key, used, instruments)
    case 'fault': {
      const answers = used.map(({ valueText }) => valueText ?? '')
      return {
        text: [...foundSo].reverse().find((answer) => answers.includes(answer)) ?? latest.valueText ?? '',
        disagree: ended?.disagree ?? new Set(answers).size > 1,
        ...(end && { end }),
      }
    }
    default:
      return {
        text: latest.valueText ?? '',
        disagree: ended?.disagree ?? used.some(({ valueText }) => valueText !== latest.valueText),
        ...(end && { end }),
      }
  }
}
