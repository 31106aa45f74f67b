import { characteristicOf, type FilterForm } from '#core/catalogue/index.ts'
import { isKnown, type Cell } from '#core/compare/cell.ts'
import { characteristicCell, type ResolvedSpecimen } from '#core/compare/cells.ts'
import { areTied, leastDifference } from '#core/compare/difference.ts'
import type { Spreads } from '#core/compare/lineup.ts'

/**
 * What a filter that is not what its box says is told by: box, print and marks, and sizes that the press and the recipe
 * fix. Common practice, no published source.
 */
const signs = [
  ...['box.closure', 'box.seal', 'box.maker', 'box.datefont', 'box.origin', 'box.datecode'],
  ...['can.print', 'can.colour', 'can.dome', 'can.seam', 'can.grip', 'can.lining', 'plate.stamp', 'gasket.track'],
  ...[
    'adbv.colour',
    'glue.colour',
    'caps.print',
    'whole.weight',
    'can.height',
    'can.wall',
    'can.weight',
    'media.length',
  ],
] as const

/** Something in which a specimen departs from one that is known to be good. */
export interface CounterfeitSign {
  key: string
  label: string
  own: Cell
  good: Cell
  /** How far it is out, in times of what two units of one product differ by; undefined for an answer. */
  times: number | undefined
}

/**
 * The form of a date code: which kind of sign stands where.
 *
 * @example codeForm('L26-251') // => 'A99-999'
 */
export const codeForm = (code: string): string => code.trim().toUpperCase().replace(/\d/g, '9').replace(/[A-Z]/g, 'A')

/**
 * In what a specimen departs from specimens of the same revision that are known to be good: in an answer that none of
 * them has, or in a size further away from each than units of one product lie apart.
 *
 * @param own the specimen
 * @param good specimens that are known to be good
 * @param spreads from unit to unit, of the library
 * @returns none when nothing departs, or nothing is known of both
 * @example counterfeitSigns('spin-on', { id: 'a', assessment: { values: known({}) } }, [], new Map()) // => []
 */
export function counterfeitSigns(
  form: FilterForm,
  own: ResolvedSpecimen,
  good: readonly ResolvedSpecimen[],
  spreads: Spreads,
): CounterfeitSign[] {
  return signs.flatMap((key): CounterfeitSign[] => {
    const characteristic = characteristicOf(key)
    if (!(characteristic.forms as readonly FilterForm[]).includes(form)) return []
    const cellOf = (one: ResolvedSpecimen) =>
      characteristicCell(characteristic, { form, specimens: [one] }, spreads.get(key))
    const mine = cellOf(own)
    const others = good.map(cellOf).filter(isKnown)
    const [first] = others
    if (!isKnown(mine) || !first || others.some((other) => isAlike(key, mine, other))) return []
    const times = Math.min(...others.map((other) => timesOut(mine, other) ?? Infinity))
    return [
      {
        key,
        label: characteristic.label,
        own: mine,
        good: first,
        times: Number.isFinite(times) ? times : undefined,
      },
    ]
  })
}

function isAlike(key: string, a: Cell, b: Cell): boolean {
  if (a.state === 'number' && b.state === 'number') return areTied(a, b)
  if (a.state !== 'words' || b.state !== 'words') return true
  const [x, y] = [a.text, b.text].map((text) => text.trim().toLowerCase()) as [string, string]
  return key === 'box.datecode' ? codeForm(x) === codeForm(y) : x === y
}

const timesOut = (a: Cell, b: Cell): number | undefined =>
  a.state === 'number' && b.state === 'number'
    ? Math.abs(a.value - b.value) / Math.max(1e-12, leastDifference(a, b, 2))
    : undefined
