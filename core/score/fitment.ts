import { parseThread } from '#core/quantity/thread.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** What the engine takes; null where it was not said. SI. */
export interface EngineFitment {
  thread: string | null
  bypass: 'filter' | 'engine' | 'unknown'
  /** Room for a can, in height and across. */
  maxHeight: number | null
  maxDiameter: number | null
  /** Outer diameter of the land that the gasket seals on. */
  gasketLand: number | null
}

/** Whether one thing of a filter fits the engine. */
export interface FitmentCheck {
  what: string
  state: 'fits' | 'not' | 'unknown'
  reason: string
}

/**
 * What excludes a filter where it does not fit, one by one with its reason: thread, land of the gasket, bypass, height
 * and diameter.
 *
 * Source: common practice, no published source.
 *
 * @param engine what it takes; null where that is not known
 * @param known resolved values of the filter
 * @example
 * excludingChecks({ thread: 'M20 x 1.5', bypass: 'unknown', maxHeight: null, maxDiameter: null, gasketLand: null },
 *   known({ 'thread.designation': 'M20 x 1.5' }))[0]?.state // => 'fits'
 */
export function excludingChecks(
  { thread, bypass, maxHeight, maxDiameter, gasketLand }: EngineFitment,
  known: ResolvedValues,
): FitmentCheck[] {
  return [
    threadCheck(thread, known.get('thread.designation')?.text),
    bypassCheck(bypass, known.get('bypass.place')?.text),
    roomCheck('Height', maxHeight, known.get('can.height')?.number?.value, (own, room) => {
      return `it is ${own} high, and there is room for ${room}`
    }),
    roomCheck('Diameter', maxDiameter, known.get('can.diameter')?.number?.value, (own, room) => {
      return `it is ${own} across, and there is room for ${room}`
    }),
    roomCheck('Gasket land', gasketLand, known.get('gasket.diameter')?.number?.value, (own, room) => {
      return `its gasket is ${own} across, the land ${room}`
    }),
  ]
}

/**
 * Why a filter does not fit the engine. One that does not fit is excluded, whatever else is good.
 *
 * @param engine what it takes; null where that is not known
 * @param known resolved values of the filter
 * @example
 * misfitReasons({ thread: 'M18 x 1.5', bypass: 'filter', maxHeight: null, maxDiameter: null, gasketLand: null },
 * known({
 *   'thread.designation': 'M20 x 1.5',
 * })).length // => 1
 */
export const misfitReasons = (engine: EngineFitment, known: ResolvedValues): string[] =>
  excludingChecks(engine, known).flatMap(({ state, reason }) => (state === 'not' ? [reason] : []))

const unknown = (what: string, reason: string): FitmentCheck => ({ what, state: 'unknown', reason })

function threadCheck(asked: string | null, found: string | undefined): FitmentCheck {
  const what = 'Thread'
  if (asked === null) return unknown(what, 'the thread of the engine is not known')
  if (found === undefined) return unknown(what, 'the thread of the filter is not recorded')
  const [a, b] = [parseThread(asked), parseThread(found)]
  if (!a.ok || !b.ok) return unknown(what, 'one of the two threads cannot be read')
  const [own, engine] = [b.value.designation, a.value.designation]
  return own === engine
    ? { what, state: 'fits', reason: own }
    : { what, state: 'not', reason: `its thread is ${own}, the engine's ${engine}` }
}

function bypassCheck(asked: EngineFitment['bypass'], place: string | undefined): FitmentCheck {
  const what = 'Bypass valve'
  if (asked === 'unknown') return unknown(what, 'whether the engine has its own is not known')
  if (place === undefined) return unknown(what, 'where its bypass is, is not recorded')
  if (asked === 'filter' && place === 'none')
    return { what, state: 'not', reason: 'it has no bypass valve, and the engine needs one in the filter' }
  return { what, state: 'fits', reason: asked === 'filter' ? 'it has one' : 'the engine has its own' }
}

function roomCheck(
  what: string,
  most: number | null,
  size: number | undefined,
  misfit: (own: string, room: string) => string,
): FitmentCheck {
  if (most === null) return unknown(what, 'what the engine has room for is not known')
  if (size === undefined) return unknown(what, 'it is not measured')
  const [own, room] = [formatQuantity(size, 'mm', 1), formatQuantity(most, 'mm', 1)]
  return size <= most
    ? { what, state: 'fits', reason: `${own} in ${room}` }
    : { what, state: 'not', reason: misfit(own, room) }
}

/**
 * What is to be said of how a filter fits, for or against nothing: a bypass where the engine has its own.
 *
 * Source: common practice, no published source.
 *
 * @param engine what it takes
 * @param known resolved values of the filter
 * @example
 * fitmentRemarks({ thread: null, bypass: 'engine', maxHeight: null, maxDiameter: null, gasketLand: null },
 *   known({ 'bypass.place': 'dome' })).length // => 1
 */
export const fitmentRemarks = ({ bypass }: EngineFitment, known: ResolvedValues): string[] =>
  bypass === 'engine' && ['thread', 'dome'].includes(known.get('bypass.place')?.text ?? '')
    ? [
        "it has a bypass of its own, though the engine has one and its maker's filter needs none: neither for " +
          "nor against; the engine maker's manual comes first",
      ]
    : []
