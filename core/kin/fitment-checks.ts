import type { EngineFitment } from '#core/score/fitment.ts'
import { parseThread } from '#core/quantity/thread.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** Whether one thing of a filter fits the engine. */
export interface FitmentCheck {
  what: string
  state: 'fits' | 'not' | 'unknown'
  reason: string
}

/** What the engine asks beside what it takes. */
export interface FitmentAsked extends EngineFitment {
  /** Pa: at which the bypass is to open. */
  bypassOpening: number | null
}

/** A bypass that opens within so much of what is asked is as asked. Common practice, no published source. */
const bypassTolerance = 0.3

const mm = (length: number): string => formatQuantity(length, 'mm', 1)

/**
 * What fits the engine, what does not and what is not known, one by one with its reason: thread, land of the gasket,
 * bypass and what it opens at, height, anti-drain-back valve.
 *
 * Source: common practice, no published source.
 *
 * @param engine what it takes; null where that is not known
 * @param known resolved values of the filter
 * @example
 * fitmentChecks({ thread: 'M20 x 1.5', bypass: 'unknown', maxHeight: null, gasketLand: null, bypassOpening: null },
 *   known({ 'thread.designation': 'M20 x 1.5' }))[0]?.state // => 'fits'
 */
export function fitmentChecks(engine: FitmentAsked, known: ResolvedValues): FitmentCheck[] {
  return [
    threadCheck(engine.thread, known.get('thread.designation')?.text),
    within('Gasket land', 'the gasket', engine.gasketLand, known.get('gasket.diameter')?.number?.value),
    bypassCheck(engine.bypass, known.get('bypass.place')?.text),
    openingCheck(engine.bypassOpening, known.get('bypass.printed')?.number?.value),
    within('Height', 'the can', engine.maxHeight, known.get('can.height')?.number?.value),
    valveCheck(known.get('adbv.build')?.text),
  ]
}

const unknown = (what: string, reason: string): FitmentCheck => ({ what, state: 'unknown', reason })

function threadCheck(asked: string | null, found: string | undefined): FitmentCheck {
  const what = 'Thread'
  if (asked === null) return unknown(what, 'the thread of the engine is not known')
  if (found === undefined) return unknown(what, 'the thread of the filter is not recorded')
  const [a, b] = [parseThread(asked), parseThread(found)]
  const same = a.ok && b.ok ? a.value.designation === b.value.designation : asked === found
  return { what, state: same ? 'fits' : 'not', reason: same ? found : `${found} in an engine with ${asked}` }
}

function within(what: string, part: string, room: number | null, size: number | undefined): FitmentCheck {
  if (room === null) return unknown(what, 'what the engine has room for is not known')
  if (size === undefined) return unknown(what, `${part} is not measured`)
  return size <= room
    ? { what, state: 'fits', reason: `${mm(size)} in ${mm(room)}` }
    : { what, state: 'not', reason: `${mm(size)} where there is room for ${mm(room)}` }
}

function bypassCheck(asked: EngineFitment['bypass'], place: string | undefined): FitmentCheck {
  const what = 'Bypass valve'
  if (place === undefined) return unknown(what, 'where its bypass is, is not recorded')
  const has = place !== 'none'
  if (asked === 'unknown') return unknown(what, 'whether the engine has its own is not known')
  if (asked === 'filter')
    return { what, state: has ? 'fits' : 'not', reason: has ? 'it has one' : 'the engine needs one in the filter' }
  return { what, state: 'fits', reason: has ? 'it has one, and the engine has its own' : 'the engine has its own' }
}

function openingCheck(asked: number | null, opens: number | undefined): FitmentCheck {
  const what = 'Bypass opens at'
  if (asked === null) return unknown(what, 'what the engine asks is not known')
  if (opens === undefined) return unknown(what, 'what it opens at is not printed or recorded')
  const bar = (pressure: number) => formatQuantity(pressure, 'bar', 1)
  const fits = Math.abs(opens / asked - 1) <= bypassTolerance
  return { what, state: fits ? 'fits' : 'not', reason: `${bar(opens)} where ${bar(asked)} is asked` }
}

/** Whether an engine needs one depends on how its filter hangs, which only its manual says. */
function valveCheck(build: string | undefined): FitmentCheck {
  const what = 'Anti-drain-back valve'
  if (build === undefined) return unknown(what, 'not recorded')
  return build === 'none'
    ? unknown(what, 'it has none: a filter that lies or hangs upside down needs one')
    : { what, state: 'fits', reason: 'it has one' }
}

/** What a can of another size gains or loses beside the usual one of an engine. */
export interface SizeOption {
  /** By so much it is longer, m; negative for a shorter one. */
  longer: number
  /** Share by which it has more media; undefined where one of the two is not known. */
  moreMedia: number | undefined
}

/** Cans this much apart in height are of another size. Common practice, no published source. */
const otherSize = 0.004

/**
 * A filter as another size for an engine: how much longer its can is than that of the usual ones, and what that gains.
 *
 * @param own height of its can and area of its media, SI; undefined where not known
 * @param usual of the filters that were entered for the engine
 * @returns undefined when it is of the usual size, or not known
 * @example sizeOption({ height: 0.094, area: 0.2 }, { height: 0.086, area: 0.16 })?.moreMedia // => 0.25
 */
export function sizeOption(
  own: { height: number | undefined; area: number | undefined },
  usual: { height: number | undefined; area: number | undefined },
): SizeOption | undefined {
  if (own.height === undefined || usual.height === undefined) return undefined
  const longer = own.height - usual.height
  if (Math.abs(longer) < otherSize) return undefined
  return {
    longer,
    moreMedia: own.area !== undefined && usual.area !== undefined ? own.area / usual.area - 1 : undefined,
  }
}

/**
 * A size option in a sentence.
 *
 * @example formatSizeOption({ longer: 0.008, moreMedia: 0.25 })
 * // => 'Another size: 8.0 mm longer than is usual for this engine, with 25 % more media; see that it clears.'
 */
export function formatSizeOption({ longer, moreMedia }: SizeOption): string {
  const media =
    moreMedia === undefined
      ? ''
      : `, with ${Math.abs(Math.round(100 * moreMedia))} % ${moreMedia >= 0 ? 'more' : 'less'} media`
  const clear = longer > 0 ? '; see that it clears' : ''
  const by = `${mm(Math.abs(longer))} ${longer > 0 ? 'longer' : 'shorter'}`
  return `Another size: ${by} than is usual for this engine${media}${clear}.`
}
