import { parseThread } from '#core/quantity/thread.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** What the engine takes; null where it was not said. SI. */
export interface EngineFitment {
  thread: string | null
  bypass: 'filter' | 'engine' | 'unknown'
  /** Room for a can. */
  maxHeight: number | null
  /** Outer diameter of the land that the gasket seals on. */
  gasketLand: number | null
}

/**
 * Why a filter does not fit the engine: thread, bypass, height, gasket land. One that does not fit is excluded,
 * whatever else is good.
 *
 * Source: common practice, no published source.
 *
 * @param engine what it takes; null where that is not known
 * @param known resolved values of the filter
 * @example
 * misfitReasons({ thread: 'M18 x 1.5', bypass: 'filter', maxHeight: null, gasketLand: null }, known({
 *   'thread.designation': 'M20 x 1.5',
 * })).length // => 1
 */
export function misfitReasons(
  { thread, bypass, maxHeight, gasketLand }: EngineFitment,
  known: ResolvedValues,
): string[] {
  const own = known.get('thread.designation')?.text
  const [asked, found] = [
    thread === null ? undefined : parseThread(thread),
    own === undefined ? undefined : parseThread(own),
  ]
  const height = known.get('can.height')?.number?.value
  const gasket = known.get('gasket.diameter')?.number?.value
  return [
    ...(asked?.ok && found?.ok && asked.value.designation !== found.value.designation
      ? [`its thread is ${found.value.designation}, the engine's ${asked.value.designation}`]
      : []),
    ...(bypass === 'filter' && known.get('bypass.place')?.text === 'none'
      ? ['it has no bypass valve, and the engine needs one in the filter']
      : []),
    ...(maxHeight !== null && height !== undefined && height > maxHeight
      ? [`it is ${formatQuantity(height, 'mm', 1)} high, and there is room for ${formatQuantity(maxHeight, 'mm', 1)}`]
      : []),
    ...(gasketLand !== null && gasket !== undefined && gasket > gasketLand
      ? [`its gasket is ${formatQuantity(gasket, 'mm', 1)} across, the land ${formatQuantity(gasketLand, 'mm', 1)}`]
      : []),
  ]
}

/**
 * What is to be said of how a filter fits, for or against nothing: a bypass where the engine has its own.
 *
 * Source: common practice, no published source.
 *
 * @param engine what it takes
 * @param known resolved values of the filter
 * @example
 * fitmentRemarks({ thread: null, bypass: 'engine', maxHeight: null, gasketLand: null },
 *   known({ 'bypass.place': 'dome' })).length // => 1
 */
export const fitmentRemarks = ({ bypass }: EngineFitment, known: ResolvedValues): string[] =>
  bypass === 'engine' && ['thread', 'dome'].includes(known.get('bypass.place')?.text ?? '')
    ? [
        "it has a bypass of its own, though the engine has one and its maker's filter needs none: neither for nor against; " +
          "the engine maker's manual comes first",
      ]
    : []
