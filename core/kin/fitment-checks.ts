import { byKey } from '#core/by-key.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { excludingChecks, type EngineFitment, type FitmentCheck } from '#core/score/fitment.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** What the engine asks beside what it takes. */
export interface FitmentAsked extends EngineFitment {
  /** Pa: at which the bypass is to open. */
  bypassOpening: number | null
  /** How its filter is mounted; empty where that is not known. */
  mounting: Mounting | ''
}

/** How a filter can be mounted; of one that does not hang the oil runs back when the engine stands. */
export const mountings = [
  { key: 'hangs', label: 'hangs, base plate up', drains: false },
  { key: 'lies', label: 'lies on its side', drains: true },
  { key: 'stands', label: 'stands, base plate down', drains: true },
] as const

export type Mounting = (typeof mountings)[number]['key']

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
 * fitmentChecks({ thread: null, bypass: 'unknown', maxHeight: null, maxDiameter: null, gasketLand: null,
 *   bypassOpening: null, mounting: '' }, known({ 'adbv.build': 'flap' })).at(-1)?.state // => 'fits'
 */
export const fitmentChecks = (engine: FitmentAsked, known: ResolvedValues): FitmentCheck[] => [
  ...excludingChecks(engine, known),
  openingCheck(engine.bypassOpening, known.get('bypass.printed')?.number?.value),
  valveCheck(engine.mounting, known.get('adbv.build')?.text),
]

function openingCheck(asked: number | null, opens: number | undefined): FitmentCheck {
  const what = 'Bypass opens at'
  if (asked === null) return { what, state: 'unknown', reason: 'what the engine asks is not known' }
  if (opens === undefined) return { what, state: 'unknown', reason: 'what it opens at is not printed or recorded' }
  const bar = (pressure: number) => formatQuantity(pressure, 'bar', 1)
  const fits = Math.abs(opens / asked - 1) <= bypassTolerance
  return { what, state: fits ? 'fits' : 'not', reason: `${bar(opens)} where ${bar(asked)} is asked` }
}

/** Whether an engine needs one depends on how its filter is mounted; its manual comes first. */
function valveCheck(mounting: Mounting | '', build: string | undefined): FitmentCheck {
  const what = 'Anti-drain-back valve'
  if (build === undefined) return { what, state: 'unknown', reason: 'not recorded' }
  if (build !== 'none') return { what, state: 'fits', reason: 'it has one' }
  if (mounting === '')
    return { what, state: 'unknown', reason: 'it has none: a filter that lies or stands on its base plate needs one' }
  const { label, drains } = byKey(mountings, mounting)
  return drains
    ? { what, state: 'not', reason: `it has none, and the filter ${label}: the oil runs out of it at rest` }
    : { what, state: 'fits', reason: `it has none, and the filter ${label}: the oil stays in it` }
}
