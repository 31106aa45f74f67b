import { foundSo, optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import type { End } from './end.ts'
import type { Reading } from './reading.ts'

/** What stands of the ends of one characteristic. */
interface WorstEnd {
  /** The reading that decides. */
  reading: Reading
  /** The end it was read at, where the ends differ. */
  end?: End
  /** One and the same end was given different answers. */
  disagree: boolean
}

/**
 * What the ends of a filter come to: of each the latest reading stands, one that names no end is of both; the worse
 * decides. Of a fault the worst stands that was seen at an end, whatever was said of it later.
 *
 * Source: common practice, no published source.
 *
 * @param characteristic that has two ends: a grade, a fault, or answers listed best first
 * @param used its readings, oldest first
 * @example worstByEnd(characteristicOf('glue.grade'), readings({ 'glue.grade': ['3', '1 at the dome end'] })).end
 * // => 'dome'
 */
export function worstByEnd(characteristic: Characteristic, used: readonly [Reading, ...Reading[]]): WorstEnd {
  const badness = badnessOf(characteristic)
  const isFault = characteristic.kind === 'fault'
  const standing = new Map<End | null, Reading>()
  let disagree = false
  for (const reading of used) {
    for (const end of reading.atEnd ? [reading.atEnd] : new Set([null, ...standing.keys()])) {
      const before = standing.get(end)
      if (before && badness(before) !== badness(reading)) disagree = true
      if (before && isFault && badness(before) >= badness(reading)) continue
      standing.set(end, reading)
    }
  }
  const [first] = used
  const all = [...standing.values()]
  const worst = all.reduce((a, b) => (badness(b) > badness(a) ? b : a), all[0] ?? first)
  const differ = all.some((one) => badness(one) !== badness(worst))
  return { reading: worst, disagree, ...(worst.atEnd && (differ || all.length === 1) && { end: worst.atEnd }) }
}

/** How bad a reading is, the higher the worse; what is not the filter's doing is no fault of it. */
function badnessOf(characteristic: Characteristic): (reading: Reading) => number {
  if (characteristic.kind === 'grade') return ({ valueNumber }) => -(valueNumber ?? 0)
  const answers = characteristic.kind === 'fault' ? foundSo : optionsOf(characteristic).map(({ value }) => value)
  return ({ valueText }) => answers.indexOf(valueText ?? '')
}
