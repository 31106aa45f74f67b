import {
  catalogueFor,
  characteristicOf,
  irreversibleStepAfter,
  irreversibleSteps,
  stations,
  type Characteristic,
  type FilterForm,
  type IrreversibleStepKey,
  type StationKey,
} from '#core/catalogue/index.ts'
import { isRequested, notApplicableReason, type RecordingPlan } from './recording-plan.ts'
import type { ResolvedValues } from './resolve.ts'
import { workOrder } from './work-order.ts'

export interface StationProgress {
  key: StationKey
  label: string
  description: string
  done: number
  of: number
  /** Required and not recorded yet. */
  missing: string[]
  /** Point of no return behind this station. */
  then?: IrreversibleStepKey
}

/**
 * How far a specimen is, station by station. Extras and what does not apply are not counted.
 *
 * @example progress('spin-on', new Map())[0] // => { key: 'box', done: 0, of: 8, … }
 */
export function progress(form: FilterForm, known: ResolvedValues, plan: RecordingPlan = {}): StationProgress[] {
  const all = catalogueFor(form)
  return stations
    .map(({ key, label, description }) => {
      const asked = all.filter((c) => c.station === key && isRequested(c, known, plan))
      const missing = asked.filter((c) => !known.has(c.key)).map((c) => c.key)
      const then = irreversibleStepAfter(key, form)
      return {
        key,
        label,
        description,
        done: asked.length - missing.length,
        of: asked.length,
        missing,
        ...(then && { then }),
      }
    })
    .filter(({ of }) => of > 0)
}

/**
 * Share of what is asked that is recorded, 0 to 1.
 *
 * @example completeness('spin-on', new Map()) // => 0
 */
export function completeness(form: FilterForm, known: ResolvedValues, plan: RecordingPlan = {}): number {
  const all = progress(form, known, plan)
  const of = all.reduce((sum, station) => sum + station.of, 0)
  return of === 0 ? 0 : all.reduce((sum, station) => sum + station.done, 0) / of
}

/**
 * What is missing before a point of no return, and which of it is then lost for good.
 *
 * @returns keys; `lost` cannot be recorded afterwards, `open` can still be
 * @example missingBefore('cut', 'spin-on', new Map()).lost.includes('whole.weight') // => true
 */
export function missingBefore(
  point: IrreversibleStepKey,
  form: FilterForm,
  known: ResolvedValues,
  plan: RecordingPlan = {},
): { lost: string[]; open: string[] } {
  const order = (key: IrreversibleStepKey) => irreversibleSteps.findIndex((other) => other.key === key)
  const before = new Set<StationKey>()
  for (const station of stations) {
    before.add(station.key)
    if (irreversibleStepAfter(station.key, form) === point) break
  }
  const missing = catalogueFor(form).filter(
    (c) => before.has(c.station) && !known.has(c.key) && isRequested(c, known, plan),
  )
  const isLost = (c: Characteristic) => order(c.lostAfter) <= order(point)
  return { lost: missing.filter(isLost).map((c) => c.key), open: missing.filter((c) => !isLost(c)).map((c) => c.key) }
}

/**
 * Points of no return that lie before a station, in order.
 *
 * @example irreversibleStepsBefore('media', 'cartridge') // => ['apart', 'unfold']
 */
export function irreversibleStepsBefore(station: StationKey, form: FilterForm): IrreversibleStepKey[] {
  const before = stations.slice(
    0,
    stations.findIndex(({ key }) => key === station),
  )
  return before.flatMap(({ key }) => irreversibleStepAfter(key, form) ?? [])
}

/**
 * The first point of no return before a station that has not been passed and would lose something.
 *
 * @param station where the user wants to go on
 * @param passed points that have been passed already
 * @returns the point, what is lost for good by it, and what is open but can still be recorded
 * @example gateBefore('parts', 'spin-on', new Map(), new Set())?.point // => 'cut'
 */
export function gateBefore(
  station: StationKey,
  form: FilterForm,
  known: ResolvedValues,
  passed: ReadonlySet<IrreversibleStepKey>,
  plan: RecordingPlan = {},
): { point: IrreversibleStepKey; lost: string[]; open: string[] } | undefined {
  for (const point of irreversibleStepsBefore(station, form)) {
    if (passed.has(point)) continue
    const { lost, open } = missingBefore(point, form, known, plan)
    const newly = lost.filter((key) => !passed.has(characteristicOf(key).lostAfter))
    if (newly.length > 0) return { point, lost: newly, open }
  }
  return undefined
}

/**
 * The next characteristic to record after one, in the order of work: the next that is open, else none.
 *
 * @param first keys that come first at their station, and are asked for although they are extras
 * @example nextOpen('spin-on', new Map(), undefined)?.key // => 'box.suffix'
 */
export function nextOpen(
  form: FilterForm,
  known: ResolvedValues,
  after: string | undefined,
  plan: RecordingPlan = {},
  first: ReadonlySet<string> = new Set(),
): Characteristic | undefined {
  const all = workOrder(form, first)
  const asked: RecordingPlan = { ...Object.fromEntries([...first].map((key) => [key, true])), ...plan }
  const isOpen = (c: Characteristic) =>
    isRequested(c, known, asked) && !(first.has(c.key) && notApplicableReason(c, known))
  const start = all.findIndex((c) => c.key === after) + 1
  return [...all.slice(start), ...all.slice(0, start)].find((c) => !known.has(c.key) && isOpen(c) && c.key !== after)
}
