import fuzzysort from 'fuzzysort'
import { catalogueFor, namesOf, type FilterForm } from '#core/catalogue/index.ts'
import { figures } from '#core/figures/index.ts'

/** Something that can be gone to or done. */
export interface Thing {
  /** What it is, in a word: engine, product, specimen, page, to do. */
  kind: string
  label: string
  /** What tells it from others of the same name. */
  detail: string
  path: string
  /** Of a specimen, so that one of its readings and figures can be found. */
  form?: FilterForm
  /** Of a specimen: where its figures stand. */
  values?: string
}

/** Things made ready to be searched. */
export type FindIndex = readonly { thing: Thing; at: number; name: ReturnType<typeof fuzzysort.prepare> }[]

/** So many are offered. */
const mostFound = 10
/** So many readings and figures of specimens are offered among them. */
const mostReadings = 6
/** Matches worse than this are none; 1 is a perfect one. */
const leastScore = 0.25

/**
 * Makes things ready to be searched, once for many searches.
 *
 * @param things most recent first
 * @example indexThings([]).length // => 0
 */
export const indexThings = (things: readonly Thing[]): FindIndex =>
  things.map((thing, at) => ({ thing, at, name: fuzzysort.prepare(`${thing.label} ${thing.detail}`) }))

/**
 * What a few letters may mean, best first: things by their names, readings and figures by what they are called and a
 * specimen in either order ("wall N-40"). Of matches as good the one that was worked on last stands first.
 *
 * @param query as typed; empty for what was worked on last
 * @param index of all things
 * @example
 * find('verd', indexThings([{ kind: 'page', label: 'Verdict', detail: 'Skerry', path: '/v' }]))[0]?.path // => '/v'
 */
export function find(query: string, index: FindIndex): Thing[] {
  const wanted = query.trim()
  if (wanted === '') return index.slice(0, mostFound).map(({ thing }) => thing)
  const called = search(wanted, index)
  const justSo = called.filter(({ label }) => label.toLowerCase().includes(wanted.toLowerCase()))
  const others = called.filter((thing) => !justSo.includes(thing))
  const found = [...justSo, ...findReadings(wanted, index), ...others]
  return [...new Map(found.map((thing) => [`${thing.kind} ${thing.path}`, thing])).values()].slice(0, mostFound)
}

function search(wanted: string, index: FindIndex, most = mostFound): Thing[] {
  const low = wanted.toLowerCase()
  /** What is called just so stands before what has the same letters further apart. */
  const saidAsIs = ({ label }: Thing): number => {
    const at = label.toLowerCase().indexOf(low)
    return at < 0 ? 0 : at === 0 ? 2 : 1
  }
  return [...fuzzysort.go(wanted, index, { key: 'name', threshold: leastScore })]
    .sort((a, b) => saidAsIs(b.obj.thing) - saidAsIs(a.obj.thing) || b.score - a.score || a.obj.at - b.obj.at)
    .slice(0, most)
    .map(({ obj }) => obj.thing)
}

interface Name {
  name: string
  kind: 'reading' | 'figure'
  key: string
  label: string
}

const filterForms = ['spin-on', 'cartridge'] as const
const namesByForm = new Map<FilterForm, Name[]>()

function namesFor(form: FilterForm): Name[] {
  const known = namesByForm.get(form)
  if (known) return known
  const names: Name[] = [
    ...catalogueFor(form).flatMap((characteristic) =>
      [characteristic.label.toLowerCase(), ...namesOf(characteristic)].map((name) => ({
        name,
        kind: 'reading' as const,
        key: characteristic.key,
        label: characteristic.label,
      })),
    ),
    ...figures
      .filter((figure) => figure.forms.includes(form))
      .map(({ key, label }) => ({ name: label.toLowerCase(), kind: 'figure' as const, key, label })),
  ]
  namesByForm.set(form, names)
  return names
}

/** Readings and figures that their name and a specimen name together, whichever stands first. */
function findReadings(wanted: string, index: FindIndex): Thing[] {
  const words = wanted.split(/\s+/)
  const specimens = index.filter(({ thing }) => thing.form !== undefined)
  const found = new Map<string, Thing>()
  for (let at = 1; at < words.length; at++) {
    const [head, tail] = [words.slice(0, at).join(' '), words.slice(at).join(' ')]
    for (const [of, name] of [
      [head, tail],
      [tail, head],
    ] as const) {
      if (!isNamed(of)) continue
      for (const specimen of search(name, specimens, 3))
        for (const reading of readingsOf(of, specimen)) found.set(reading.path, reading)
    }
  }
  return [...found.values()].slice(0, mostReadings)
}

const isNamed = (said: string): boolean =>
  filterForms.some((form) => namesFor(form).some(({ name }) => isMet(name, said.toLowerCase())))

const isMet = (name: string, said: string): boolean =>
  name === said || name.startsWith(said) || name.includes(` ${said}`)

/** The name of a reading or figure must be met as it is spoken: whole words from their beginnings. */
function readingsOf(said: string, specimen: Thing): Thing[] {
  const low = said.toLowerCase()
  const named = namesFor(specimen.form ?? 'spin-on')
    .filter(({ name }) => isMet(name, low))
    .sort((a, b) => a.name.length - b.name.length)
  const each = [...new Map(named.map((one) => [one.key, one])).values()]
  return each.slice(0, 2).map(({ kind, key, label }) => ({
    kind,
    label: `${label} of ${specimen.label}`,
    detail: specimen.detail,
    path: kind === 'reading' ? `${specimen.path}?at=${key}` : `${specimen.values}/${key}`,
  }))
}
