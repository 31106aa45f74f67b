import { statedFilters } from '#core/compare/occurrence.ts'
import { narrowestKernel, silvermanWidth } from '#core/quantity/kernel.ts'
import { normalDensity } from '#core/quantity/normal.ts'
import type { BuildRecord, KinValue } from './build-record.ts'
import { kinFeatures } from './kin-features.ts'

/** What some filters are like in one thing. */
interface Known {
  /** Answer, step or size, by the id of the filter. */
  values: ReadonlyMap<string, string | number>
  counts: ReadonlyMap<string | number, number>
  /** Of the kernel by which sizes are smoothed; nought for answers and steps. */
  width: number
}

/** How common everything is: in the whole library, and among the filters of each engine. */
export interface Frequencies {
  library: readonly Known[]
  engines: ReadonlyMap<string, readonly Known[]>
  /** What speaks for the values of a filter beside itself, worked out once. */
  support: WeakMap<BuildRecord, Support>
}

/** By feature: so many filters as it has others like it, the stated ones among them; per SI unit for a size. */
interface Support {
  library: SupportAmong
  engines: ReadonlyMap<string, SupportAmong>
}

interface SupportAmong {
  mass: Float64Array
  /** Whether the filter itself is among them. */
  isIn: Uint8Array
}

/**
 * How common everything is that filters can agree in, from what is known of all of them.
 *
 * Source: sizes are smoothed by normal kernels (Silverman's rule, Density Estimation, 1986; from memory).
 *
 * @param records of all filters of one form
 * @example frequenciesOf([]).engines.size // => 0
 */
export function frequenciesOf(records: readonly BuildRecord[]): Frequencies {
  const engines = [...new Set(records.flatMap((record) => record.engines))]
  return {
    library: knownOf(records),
    engines: new Map(
      engines.map((engine) => [engine, knownOf(records.filter((record) => record.engines.includes(engine)))]),
    ),
    support: new WeakMap(),
  }
}

const keyOf = (value: KinValue): string | number => ('answer' in value ? value.answer : value.number)

const knownOf = (records: readonly BuildRecord[]): Known[] =>
  kinFeatures.map(({ kind }, at) => {
    const values = new Map(
      records.flatMap(({ id, values: all }): [string, string | number][] => {
        const value = all[at]
        return value ? [[id, keyOf(value)]] : []
      }),
    )
    if (kind === 'size') return { values, counts: new Map(), width: kernelWidth([...values.values()].map(Number)) }
    const counts = new Map<string | number, number>()
    for (const key of values.values()) counts.set(key, (counts.get(key) ?? 0) + 1)
    return { values, counts, width: 0 }
  })

function kernelWidth(sizes: readonly number[]): number {
  if (sizes.length === 0) return 0
  return Math.max(silvermanWidth(sizes), narrowestKernel * Math.max(...sizes.map(Math.abs)), leastWidth)
}

/** Sizes of nought are not told apart more finely than this, SI. */
const leastWidth = 1e-9

function supportOf(frequencies: Frequencies, record: BuildRecord): Support {
  const known = frequencies.support.get(record)
  if (known) return known
  const among = (all: readonly Known[] | undefined): SupportAmong => ({
    mass: Float64Array.from(kinFeatures, (feature, at) => {
      const value = record.values[at]
      if (!value) return 0
      const key = keyOf(value)
      const stated = statedFilters * feature.stated(key)
      const here = all?.[at]
      return here ? stated + othersLike(here, record.id, key) : stated
    }),
    isIn: Uint8Array.from(kinFeatures, (_, at) => Number(all?.[at]?.values.has(record.id) ?? false)),
  })
  const support = {
    library: among(frequencies.library),
    engines: new Map(record.engines.map((engine) => [engine, among(frequencies.engines.get(engine))])),
  }
  frequencies.support.set(record, support)
  return support
}

function othersLike({ values, counts, width }: Known, id: string, key: string | number): number {
  if (width === 0) return (counts.get(key) ?? 0) - Number(values.get(id) === key)
  let sum = 0
  for (const [other, size] of values) if (other !== id) sum += normalDensity(Number(size), Number(key), width)
  return sum
}

/**
 * How common what two filters have is among the others, feature by feature: in the library, or among those of an engine
 * that both are sold for, whichever is commoner, since an engine makes its filters alike. The two are left out, and a
 * stated expectation counts for three filters. Where the two differ, the geometric mean of both.
 *
 * @param a as it was counted, or one that was not counted at all; so is the other
 * @returns by the place of a feature a share, or a density per SI unit
 * @example howCommon(frequenciesOf([]), unrecorded('a'), unrecorded('b'))(0) // => 0
 */
export function howCommon(frequencies: Frequencies, a: BuildRecord, b: BuildRecord): (at: number) => number {
  const [mine, other] = [supportOf(frequencies, a), supportOf(frequencies, b)]
  const [engine] = a.engines.filter((one) => b.engines.includes(one))
  const [mineHere, otherHere, here] =
    engine === undefined ? [] : [mine.engines.get(engine), other.engines.get(engine), frequencies.engines.get(engine)]
  return (at) => {
    const [x, y] = [a.values[at], b.values[at]]
    if (!x || !y) return 0
    const inLibrary = commonIn(frequencies.library[at], at, mine.library, other.library, x, y)
    if (!mineHere || !otherHere) return inLibrary
    return Math.max(inLibrary, commonIn(here?.[at], at, mineHere, otherHere, x, y))
  }
}

/** What a filter has beside itself, less what the other of the two adds to it, of all filters but the two. */
function commonIn(
  known: Known | undefined,
  at: number,
  mine: SupportAmong,
  other: SupportAmong,
  x: KinValue,
  y: KinValue,
): number {
  const hasA = mine.isIn[at] ?? 0
  const hasB = other.isIn[at] ?? 0
  const keyX = keyOf(x)
  const keyY = keyOf(y)
  const each = known && known.width > 0 ? normalDensity(Number(keyX), Number(keyY), known.width) : Number(keyX === keyY)
  const all = statedFilters + (known?.values.size ?? 0) - hasA - hasB
  return Math.sqrt(((mine.mass[at] ?? 0) - hasB * each) * ((other.mass[at] ?? 0) - hasA * each)) / all
}
