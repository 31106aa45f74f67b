import { formatQuantity } from '#core/quantity/format.ts'
import { excludingChecks, type EngineFitment, type FitmentCheck } from '#core/score/fitment.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** What the engine asks beside what it takes. */
export interface FitmentAsked extends EngineFitment {
  /** Pa: at which the bypass is to open. */
  bypassOpening: number | null
}

/** A bypass that opens within so much of what is asked is as asked. Common practice, no published source. */
const bypassTolerance = 0.3

/**
 * What fits the engine, what does not and what is not known, one by one with its reason: what excludes a filter, and
 * what its bypass opens at and whether it has a drain-back valve, which exclude none.
 *
 * Source: common practice, no published source.
 *
 * @param engine what it takes; null where that is not known
 * @param known resolved values of the filter
 * @example
 * fitmentChecks({ thread: null, bypass: 'unknown', maxHeight: null, gasketLand: null, bypassOpening: null },
 *   known({ 'adbv.build': 'flap' })).at(-1)?.state // => 'fits'
 */
export const fitmentChecks = (engine: FitmentAsked, known: ResolvedValues): FitmentCheck[] => [
  ...excludingChecks(engine, known),
  openingCheck(engine.bypassOpening, known.get('bypass.printed')?.number?.value),
  valveCheck(known.get('adbv.build')?.text),
]

function openingCheck(asked: number | null, opens: number | undefined): FitmentCheck {
  const what = 'Bypass opens at'
  if (asked === null) return { what, state: 'unknown', reason: 'what the engine asks is not known' }
  if (opens === undefined) return { what, state: 'unknown', reason: 'what it opens at is not printed or recorded' }
  const bar = (pressure: number) => formatQuantity(pressure, 'bar', 1)
  const fits = Math.abs(opens / asked - 1) <= bypassTolerance
  return { what, state: fits ? 'fits' : 'not', reason: `${bar(opens)} where ${bar(asked)} is asked` }
}

/** Whether an engine needs one depends on how its filter hangs, which only its manual says. */
function valveCheck(build: string | undefined): FitmentCheck {
  const what = 'Anti-drain-back valve'
  if (build === undefined) return { what, state: 'unknown', reason: 'not recorded' }
  return build === 'none'
    ? { what, state: 'unknown', reason: 'it has none: a filter that lies or hangs upside down needs one' }
    : { what, state: 'fits', reason: 'it has one' }
}
