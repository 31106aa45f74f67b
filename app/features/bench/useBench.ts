import { useMemo, useState } from 'react'
import { useFetchers, useSearchParams, useSubmit } from 'react-router'
import { catalogueFor, characteristicOf, type Characteristic, type Evidence, type NoReturnKey, type PartKey } from '#core/catalogue/index.ts'
import { assess } from '#core/compare/assess.ts'
import { asksOf } from '#core/figures/asks.ts'
import { crossCheck } from '#core/teardown/cross-check.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { gateBefore, nextOpen, progress, whyNot } from '#core/teardown/progress.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { Problem } from '#core/result.ts'
import { newId } from '#app/data/id.ts'
import type { Passage } from '#app/data/passages.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'

export interface TakeRequest {
  characteristic: Characteristic
  typed: string
  readAs?: string
  unit?: string
  insist?: boolean
  evidence: Evidence
  source?: string
  stay: boolean
}

type Done = { took: string } | { struck: string } | { restored: string }

/** Everything the bench knows and can do about one specimen; readings on their way are shown at once. */
export function useBench(specimen: Specimen, saved: Reading[], passages: Passage[]) {
  const submit = useSubmit()
  const fetchers = useFetchers()
  const [search, setSearch] = useSearchParams()
  const [history, setHistory] = useState<Done[]>([])

  const readings = useMemo(() => withPending(saved, fetchers, specimen.id), [saved, fetchers, specimen.id])
  const assessment = useMemo(() => assess(specimen.form, readings, asksOf(specimen)), [specimen, readings])
  const { known } = assessment
  const all = useMemo(() => catalogueFor(specimen.form), [specimen.form])
  const working = all.filter((c) => !whyNot(c, known) || known.has(c.key))

  const asked = search.get('at')
  const current = all.find((c) => c.key === asked) ?? nextOpen(specimen.form, known, undefined) ?? all[0]!

  const goTo = (key: string) => setSearch({ at: key }, { replace: true, preventScrollReset: true })
  const step = (by: 1 | -1) => {
    const at = working.findIndex((c) => c.key === current.key)
    goTo(working[(at + by + working.length) % working.length]!.key)
  }
  const send = (fields: Record<string, string>) => void submit(fields, { method: 'post', navigate: false, fetcherKey: `${fields.intent}-${fields.id}` })

  /** Keeps a reading and moves on; returns what is wrong with it, if anything is. */
  function take({ characteristic, typed, readAs, unit, insist = false, evidence, source, stay }: TakeRequest): Problem | undefined {
    const entry = readEntry(characteristic, { text: readAs ?? typed, insist, ...(unit && { unit }) })
    if (!entry.ok) return entry.problem
    const clash = insist ? undefined : crossCheck(characteristic, entry.value, known)
    if (clash) return clash
    const id = newId()
    send({ intent: 'take', id, characteristic: characteristic.key, typed, evidence, ...(readAs && { readAs }), ...(unit && { unit }), ...(insist && { insist: 'yes' }), ...(source && { source }) })
    setHistory((done) => [...done, { took: id }])
    if (stay) return undefined
    const after = assess(specimen.form, [...readings, pendingReading({ id, specimen: specimen.id, characteristic: characteristic.key, typed, readAs, unit, insist, evidence })]).known
    const next = nextOpen(specimen.form, after, characteristic.key)
    goTo(next?.key ?? characteristic.key)
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
  for (const { formData } of fetchers) if (formData?.get('intent') === 'pass') passed.add(formData.get('point') as NoReturnKey)
  const gate = gateBefore(current.station, specimen.form, known, passed)
  const pass = (point: NoReturnKey, reason: string) => send({ intent: 'pass', id: newId(), point, reason })

  const addNote = (part: PartKey, text: string) => send({ intent: 'note', id: newId(), part, text })
  const dropNote = (id: string) => send({ intent: 'drop-note', id })

  const refused = fetchers.flatMap(({ data }) => ((data as { problem?: Problem } | undefined)?.problem ? [(data as { problem: Problem }).problem] : []))

  return { readings, ...assessment, current, stations: progress(specimen.form, known), all, working, goTo, step, take, strike, restore, undo, canUndo: history.length > 0, passages, gate, pass, addNote, dropNote, refused }
}

export type Bench = ReturnType<typeof useBench>

type Fetchers = ReturnType<typeof useFetchers>

/** Saved readings with those that are on their way to the server. */
function withPending(saved: Reading[], fetchers: Fetchers, specimen: string): Reading[] {
  let readings = saved
  const known = new Set(saved.map(({ id }) => id))
  for (const { formData } of fetchers) {
    const id = String(formData?.get('id') ?? '')
    switch (formData?.get('intent')) {
      case 'take':
        if (!known.has(id)) readings = [...readings, pendingReading({ ...(Object.fromEntries(formData) as unknown as PendingFields), specimen, insist: formData.get('insist') === 'yes' })]
        break
      case 'strike':
        readings = readings.map((reading) => (reading.id === id && !reading.struck ? { ...reading, struck: { at: reading.at, why: null } } : reading))
        break
      case 'restore':
        readings = readings.map((reading) => (reading.id === id ? { ...reading, struck: null } : reading))
        break
    }
  }
  return readings
}

interface PendingFields {
  id: string
  specimen: string
  characteristic: string
  typed: string
  readAs?: string | undefined
  unit?: string | undefined
  insist: boolean
  evidence: Evidence
}

function pendingReading({ id, specimen, characteristic, typed, readAs, unit, insist, evidence }: PendingFields): Reading {
  const entry = readEntry(characteristicOf(characteristic), { text: readAs ?? typed, insist, ...(unit && { unit }) })
  const value = entry.ok ? entry.value : {}
  return { id, specimen, characteristic, typed, unit: value.unit ?? null, number: value.number ?? null, text: value.text ?? null, groups: value.groups ?? null, evidence, instrument: null, source: null, note: null, at: '', struck: null }
}
