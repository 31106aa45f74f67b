import { useMemo } from 'react'
import { sized, type FilterPartKey, type IrreversibleStepKey, type StationKey } from '#core/catalogue/index.ts'
import { requirementsOf } from '#core/figures/application-requirements.ts'
import { assess } from '#core/figures/assess.ts'
import { firstChecks } from '#core/figures/trouble.ts'
import { gateBefore, nextOpen, progress } from '#core/teardown/progress.ts'
import { sizeClassOf } from '#core/teardown/size-class-of.ts'
import { notApplicableReason } from '#core/teardown/recording-plan.ts'
import { workOrder } from '#core/teardown/work-order.ts'
import type { BenchData } from '#app/data/bench.server.ts'
import { now } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import type { RequestFields } from '#app/features/outbox/act.ts'
import { withPending } from './pending-readings.ts'
import { takeReading, type Take } from './take-reading.ts'
import { useArrival, useBenchPosition } from './useBenchPosition.ts'
import { usePendingRequests } from './usePendingRequests.ts'
import { useUndo } from './useUndo.ts'

export type BenchSubject = Pick<
  BenchData,
  'specimen' | 'readings' | 'irreversibleSteps' | 'instruments' | 'gradeDeviation' | 'topEnd'
> & {
  /** When the server began to look it up; UTC, ISO 8601. */
  loadedAt: string
}

/** Everything the bench knows and can do about one specimen; what is on its way to the server counts as done. */
export function useBench({
  specimen,
  readings: saved,
  irreversibleSteps,
  instruments,
  gradeDeviation,
  topEnd,
  loadedAt,
}: BenchSubject) {
  const { form, recordingPlan: plan } = specimen
  const { pending, refused, send, takeBack } = usePendingRequests(specimen.id, loadedAt)
  const readings = useMemo(() => withPending(saved, pending, specimen.id), [saved, pending, specimen.id])
  const assessment = useMemo(() => {
    const byId = new Map(instruments.map((instrument) => [instrument.id, instrument]))
    return assess(form, readings, { requirements: requirementsOf(specimen), plan, instruments: byId, gradeDeviation })
  }, [form, readings, specimen, plan, instruments, gradeDeviation])
  const { values } = assessment

  const sizeClass = sizeClassOf(form, specimen.sizeClass, values)
  const first = useMemo(() => firstChecks(specimen.trouble, form), [specimen.trouble, form])
  const all = useMemo(() => workOrder(form, first).map((one) => sized(one, sizeClass)), [form, first, sizeClass])
  const { at, goTo } = useBenchPosition(specimen.id)
  const wanted = at ?? nextOpen(form, values, undefined, plan, first)?.key
  const current = all.find((c) => c.key === wanted) ?? all[0]
  if (!current) throw new Error(`Nothing is recorded of a ${form} filter`)
  const arrivedAt = useArrival(current.station)
  const working = all.filter((c) => values.has(c.key) || (plan[c.key] ?? !notApplicableReason(c, values)))

  const undo = useUndo(send)
  const passed = passedOf(irreversibleSteps, pending)
  /** The point of no return before a station that would still lose something. */
  const gateAt = (station: StationKey) => gateBefore(station, form, values, passed, plan)
  return {
    ...assessment,
    readings,
    form,
    sizeClass,
    topEnd,
    plan,
    passed,
    instruments,
    irreversibleSteps,
    current,
    all,
    working,
    stations: progress(form, values, plan),
    gate: gateAt(current.station),
    gateAt,
    pending,
    refusals: refused.flatMap(({ fields, refusal = '' }) => (fields.characteristic === current.key ? [refusal] : [])),
    goTo,
    /** The next characteristic that is worked on, or the one before. */
    step: (by: 1 | -1) => goTo((working.at((working.indexOf(current) + by) % working.length) ?? current).key),
    take: (take: Take) =>
      takeReading(take, { specimen, topEnd, readings, values, arrivedAt, send, goTo, onTaken: undo.noteTaken }),
    ...undo,
    ...commands(send, takeBack),
  }
}

export type Bench = ReturnType<typeof useBench>

/** Points of no return that lie behind, also those on their way to the server. */
const passedOf = (
  kept: BenchSubject['irreversibleSteps'],
  pending: readonly RequestFields[],
): ReadonlySet<IrreversibleStepKey> =>
  new Set([
    ...kept.map(({ step }) => step),
    ...pending.flatMap(({ intent, point }) => (intent === 'pass' ? [point as IrreversibleStepKey] : [])),
  ])

/** What else the bench can ask of the server. */
function commands(
  send: (fields: RequestFields, picture?: File) => void,
  takeBack: (intent: string, id: string) => boolean,
) {
  return {
    pass: (point: IrreversibleStepKey, reason: string) => send({ intent: 'pass', id: newId(), point, reason }),
    addNote: (part: FilterPartKey, text: string) => send({ intent: 'note', id: newId(), part, text }),
    dropNote: (id: string) => send({ intent: 'drop-note', id }),
    /** @returns the id that it is sent with */
    addPhoto: (part: FilterPartKey, picture: File): string => {
      const id = newId()
      send({ intent: 'photo', id, part, name: picture.name || 'picture' }, picture)
      return id
    },
    /** A picture that is there is removed; one that is on its way is not sent. */
    dropPhoto: (id: string) => void (takeBack('photo', id) || send({ intent: 'drop-photo', id })),
    ask: (characteristic: string, asked: 'yes' | 'no' | 'usual') =>
      send({ intent: 'ask', id: newId(), characteristic, asked }),
    askLike: (from: string) => send({ intent: 'ask-like', id: newId(), from }),
    owe: (characteristic: string) => send({ intent: 'owe', id: newId(), characteristic, at: now() }),
    settle: (id: string) => send({ intent: 'settle', id }),
    predict: (characteristic: string, typed: string, unit: string) =>
      send({ intent: 'predict', id: newId(), characteristic, typed, ...(unit && { unit }) }),
    compare: (characteristic: string, other: string, line: string) =>
      send({ intent: 'compare', id: newId(), characteristic, other, line }),
    dropComparison: (id: string) => send({ intent: 'drop-comparison', id }),
    setZero: (instrument: string, shows: string) => send({ intent: 'zero', id: newId(), instrument, shows }),
  }
}
