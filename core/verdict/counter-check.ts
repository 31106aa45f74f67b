import { findCharacteristic, type Characteristic } from '#core/catalogue/index.ts'
import { isKnown, type Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'

/** One thing that a buyer can look at without cutting. */
export interface CounterCheck {
  characteristic: Characteristic
  cell: Cell
  /** How many times likelier it is to be seen on this filter than on one of the others. */
  ratio: number
  /** Columns that it tells this one from. */
  tellsFrom: number[]
}

/** What can be looked at or weighed at a counter: what stands on the box and outside, whole. */
const stationsAtCounter = new Set(['box', 'outside'])
/** What takes more than a look, a hand or a kitchen scale. */
const notAtCounter = new Set([
  ...['box.capacity', 'box.seal', 'box.contents', 'gasket.hold', 'gasket.proud', 'gasket.thickness'],
  ...['gasket.diameter', 'gasket.coldest', 'gasket.hottest', 'plate.thickness', 'twist.test'],
])

/** Chance that an answer is told wrongly at a counter. A convention, no source. */
const mistaken = 0.05
/** From this ratio on a check is worth its place, and tells from one other. Common practice: a factor of three. */
const worthwhile = 3
/** So many checks fit a card. */
const most = 8

/**
 * What tells one filter of a line-up from the others without cutting it, the most telling first.
 *
 * Likelihood ratio: how likely what is known of it would be seen on it, over how likely on the others, evenly. A
 * number is normal around what is known with its doubt, an answer is mistaken once in twenty; nothing is said of others
 * that are not known.
 *
 * Source: Bayes factor of simple hypotheses; common practice which things are looked at.
 *
 * @param rows of the line-up
 * @param at index of its column
 * @example counterChecks([], 0) // => []
 */
export function counterChecks(rows: readonly Row[], at: number): CounterCheck[] {
  return rows
    .flatMap(({ key, cells }): CounterCheck[] => {
      const characteristic = findCharacteristic(key)
      const own = cells[at]
      if (!characteristic || !own || !isKnown(own) || !isAtCounter(characteristic)) return []
      const others = cells.flatMap((cell, column) => (column !== at && isKnown(cell) ? [{ cell, column }] : []))
      if (others.length === 0) return []
      const likely = likelihood(own, own)
      const each = others.map(({ cell, column }) => ({
        column,
        ratio: likely / Math.max(1e-12, likelihood(own, cell)),
      }))
      const mean = others.reduce((sum, { cell }) => sum + likelihood(own, cell), 0) / others.length
      const ratio = likely / Math.max(1e-12, mean)
      const tellsFrom = each.filter((one) => one.ratio >= worthwhile).map(({ column }) => column)
      return tellsFrom.length > 0 ? [{ characteristic, cell: own, ratio, tellsFrom }] : []
    })
    .sort((a, b) => b.ratio - a.ratio)
    .slice(0, most)
}

const isAtCounter = ({ key, station, kind }: Characteristic): boolean =>
  stationsAtCounter.has(station) && !notAtCounter.has(key) && !key.startsWith('told.') && kind !== 'grade'

/** How likely what is seen would be on a filter of which so much is known. */
function likelihood(seen: Cell, known: Cell): number {
  if (seen.state === 'number' && known.state === 'number') {
    const u = Math.max(Math.hypot(seen.u, known.u), 1e-9 + 0.002 * Math.abs(seen.value))
    return Math.exp(-0.5 * ((seen.value - known.value) / u) ** 2) / u
  }
  return wordsOf(seen) === wordsOf(known) ? 1 - mistaken : mistaken
}

const wordsOf = (cell: Cell): string =>
  cell.state === 'words' ? cell.text.trim().toLowerCase() : cell.state === 'openings' ? JSON.stringify(cell.groups) : ''

/**
 * How telling a check is, in words.
 *
 * @example formatRatio(12) // => 'likely'
 * @example formatRatio(19.4) // => 'strong'
 */
export const formatRatio = (ratio: number): string =>
  ratio >= 100 ? 'as good as certain' : ratio >= 15 ? 'strong' : 'likely'
