import { useEffect, useMemo, useState } from 'react'
import { useFetchers, useSearchParams, useSubmit } from 'react-router'
import {
  catalogueFor,
  characteristicOf,
  type Characteristic,
  type Evidence,
  type NoReturnKey,
  type PartKey,
  type StationKey,
} from '#core/catalogue/index.ts'
import { assess } from '#core/compare/assess.ts'
import { asksOf } from '#core/figures/asks.ts'
import { crossCheck } from '#core/teardown/cross-check.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { lessZero } from '#core/teardown/instrument.ts'
import { whyNot } from '#core/teardown/plan.ts'
import { gateBefore, nextOpen, progress } from '#core/teardown/progress.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { Problem } from '#core/result.ts'
import { newId } from '#app/data/id.ts'
import type { OwnInstrument } from '#app/data/instruments.server.ts'
import type { Passage } from '#app/data/passages.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import { useOutbox, wasRefused } from './outbox.ts'
import { rememberPlace, rememberedPlace } from './place.ts'

export interface TakeRequest {
  characteristic: Characteristic
  typed: string
  readAs?: string
  unit?: string
  insist?: boolean
  evidence: Evidence
  instrument?: OwnInstrument | undefined
  source?: string
  stay: boolean
}

type Done = { took: string } | { struck: string } | { restored: string }

/** Everything the bench knows and can do about one specimen; readings on their way are shown at once. */
export function useBench(specimen: Specimen, saved: Reading[], passages: Passage[], instruments: OwnInstrument[]) {
  const submit = useSubmit()
  const fetchers = useFetchers()
  const waiting = useOutbox()
  const [search, setSearch] = useSearchParams()
  const [history, setHistory] = useState<Done[]>([])
  /** Readings taken on this page: they are there at once and stay, however the answers overtake each other. */
  const [taken, setTaken] = useState<Record<string, string>[]>([])
  const { plan, form } = specimen

  const pending = useMemo(() => {
    const kept = waiting.filter((act) => act.specimen === specimen.id).map(({ fields }) => fields)
    const inFlight = fetchers.flatMap(({ formData, formAction }) =>
      formData && formAction?.startsWith(`/bench/${specimen.id}`)
        ? [Object.fromEntries(formData) as Record<string, string>]
        : [],
    )
    return [...taken.filter(({ id }) => !wasRefused(id!)), ...kept, ...inFlight]
  }, [taken, waiting, fetchers, specimen.id])
  const readings = useMemo(() => withPending(saved, pending, specimen.id), [saved, pending, specimen.id])
  const held = useMemo(() => new Map(instruments.map((instrument) => [instrument.id, instrument])), [instruments])
  const circumstances = useMemo(() => ({ asks: asksOf(specimen), plan, instruments: held }), [specimen, plan, held])
  const assessment = useMemo(() => assess(form, readings, circumstances), [form, readings, circumstances])
  const { known } = assessment
  const all = useMemo(() => catalogueFor(form), [form])
  const working = all.filter((c) => known.has(c.key) || (plan[c.key] ?? !whyNot(c, known)))

  const asked = search.get('at')
  const { at, go } = usePlace(asked)
  const current = all.find((c) => c.key === at) ?? nextOpen(form, known, undefined, plan) ?? all[0]!

  useEffect(() => {
    if (asked) return rememberPlace(specimen.id, asked)
    const place = rememberedPlace(specimen.id)
    if (place) setSearch({ at: place }, { replace: true, preventScrollReset: true })
  }, [asked, specimen.id, setSearch])

  const arrivedAt = useArrival(current.station)
  const goTo = (key: string) => {
    go(key)
    setSearch({ at: key }, { replace: true, preventScrollReset: true })
  }
  const step = (by: 1 | -1) => {
    const at = working.findIndex((c) => c.key === current.key)
    goTo(working[(at + by + working.length) % working.length]!.key)
  }
  const send = (fields: Record<string, string>) =>
    void submit(fields, { method: 'post', navigate: false, fetcherKey: `${fields.intent}-${fields.id}` })

  /** Keeps a reading and moves on; returns what is wrong with it, if anything is. */
  function take({
    characteristic,
    typed,
    readAs,
    unit,
    insist = false,
    evidence,
    instrument,
    source,
    stay,
  }: TakeRequest): Problem | undefined {
    const entry = readEntry(characteristic, { text: readAs ?? typed, insist, ...(unit && { unit }) })
    if (!entry.ok) return entry.problem
    const zero = instrument?.zero ?? 0
    const clash = insist ? undefined : crossCheck(characteristic, lessZero(entry.value, zero), known)
    if (clash) return clash
    const fields = {
      intent: 'take',
      id: newId(),
      characteristic: characteristic.key,
      typed,
      evidence,
      at: new Date().toISOString(),
      since: arrivedAt,
      ...(readAs && { readAs }),
      ...(unit && { unit }),
      ...(insist && { insist: 'yes' }),
      ...(source && { source }),
      ...(instrument && { instrument: instrument.id }),
      ...(zero !== 0 && { zero: String(zero) }),
    }
    send(fields)
    setTaken((now) => [...now, fields])
    setHistory((done) => [...done, { took: fields.id }])
    if (stay) return undefined
    const after = assess(form, [...readings, pendingReading(fields, specimen.id)], circumstances).known
    goTo((nextOpen(form, after, characteristic.key, plan) ?? characteristic).key)
    return undefined
  }

  const strike = (id: string) => {
    send({ intent: 'strike', id })
    setHistory((done) => [...done, { struck: id }])
  }
  const restore = (id: string) => {
    send({ intent: 'restore', id })
    setHistory((done) => [...done, { restored: id }])
  }

  /** Takes the last action back. */
  function undo(): string | undefined {
    const last = history.at(-1)
    if (!last) return undefined
    setHistory((done) => done.slice(0, -1))
    if ('struck' in last) send({ intent: 'restore', id: last.struck })
    else send({ intent: 'strike', id: 'took' in last ? last.took : last.restored })
    return 'struck' in last ? 'The reading is back.' : 'The reading is struck.'
  }

  const passed = new Set(passages.map(({ point }) => point))
  for (const fields of pending) if (fields.intent === 'pass') passed.add(fields.point as NoReturnKey)
  const gate = gateBefore(current.station, form, known, passed, plan)
  const pass = (point: NoReturnKey, reason: string) => send({ intent: 'pass', id: newId(), point, reason })

  const addNote = (part: PartKey, text: string) => send({ intent: 'note', id: newId(), part, text })
  const dropNote = (id: string) => send({ intent: 'drop-note', id })
  const dropPhoto = (id: string) => send({ intent: 'drop-photo', id })
  const ask = (key: string, asked: 'yes' | 'no' | 'usual') =>
    send({ intent: 'ask', id: newId(), characteristic: key, asked })
  const askLike = (from: string) => send({ intent: 'ask-like', id: newId(), from })
  const setZero = (instrument: string, shows: string) => send({ intent: 'zero', id: newId(), instrument, shows })

  const refused = fetchers.flatMap(({ data }) =>
    (data as { problem?: Problem } | undefined)?.problem ? [(data as { problem: Problem }).problem] : [],
  )

  return {
    readings,
    ...assessment,
    plan,
    instruments,
    current,
    stations: progress(form, known, plan),
    all,
    working,
    goTo,
    step,
    take,
    strike,
    restore,
    undo,
    canUndo: history.length > 0,
    passages,
    gate,
    pass,
    addNote,
    dropNote,
    dropPhoto,
    ask,
    askLike,
    setZero,
    refused,
  }
}

export type Bench = ReturnType<typeof useBench>

/** The reading that is up: at once where the user goes, while the address follows in its own time. */
function usePlace(asked: string | null): { at: string | null; go: (key: string) => void } {
  const [place, setPlace] = useState({ asked, at: asked, sent: [] as string[] })
  if (place.asked !== asked) {
    const own = place.sent.indexOf(asked ?? '')
    const next = own >= 0 ? { asked, at: place.at, sent: place.sent.slice(own + 1) } : { asked, at: asked, sent: [] }
    setPlace(next)
    return { at: next.at, go: () => undefined }
  }
  return { at: place.at, go: (key) => setPlace((now) => ({ ...now, at: key, sent: [...now.sent, key] })) }
}

/** When the user came to the station that is up. */
function useArrival(station: StationKey): string {
  const [arrival, setArrival] = useState(() => ({ station, at: new Date().toISOString() }))
  if (arrival.station === station) return arrival.at
  const now = { station, at: new Date().toISOString() }
  setArrival(now)
  return now.at
}

/** Saved readings with those that are on their way to the server. */
function withPending(saved: Reading[], pending: Record<string, string>[], specimen: string): Reading[] {
  let readings = saved
  const known = new Set(saved.map(({ id }) => id))
  for (const { intent, id = '', ...fields } of pending) {
    switch (intent) {
      case 'take':
        if (!known.has(id)) readings = [...readings, pendingReading({ id, ...fields }, specimen)]
        known.add(id)
        break
      case 'strike':
        readings = readings.map((reading) =>
          reading.id === id && !reading.struck ? { ...reading, struck: { at: reading.at, why: null } } : reading,
        )
        break
      case 'restore':
        readings = readings.map((reading) => (reading.id === id ? { ...reading, struck: null } : reading))
        break
    }
  }
  return readings
}

/** The reading that an act on its way will become. */
function pendingReading(fields: Record<string, string>, specimen: string): Reading {
  const { id, characteristic, typed, readAs, unit, insist, evidence, instrument, zero, at } = fields
  const entry = readEntry(characteristicOf(characteristic!), {
    text: readAs ?? typed!,
    insist: insist === 'yes',
    ...(unit && { unit }),
  })
  const value = entry.ok ? lessZero(entry.value, Number(zero ?? 0)) : {}
  return {
    id: id!,
    specimen,
    characteristic: characteristic!,
    typed: typed!,
    unit: value.unit ?? null,
    number: value.number ?? null,
    text: value.text ?? null,
    groups: value.groups ?? null,
    evidence: evidence as Evidence,
    instrument: instrument ?? null,
    zero: zero === undefined ? null : Number(zero),
    source: null,
    note: null,
    at: at ?? '',
    struck: null,
  }
}
