import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import { normalQuantile, normalShare } from '#core/quantity/normal.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { formatUntilSure } from './format-until-sure.ts'
import { evaluateRevisions } from './ranking.ts'
import { basis, row } from './rows.fixture.ts'
import { moreSpecimens, specimensUntilSure, type UntilSure } from './specimens-until-sure.ts'

const criteria = effectiveCriteria(shippedMethod)
const u = 2e-6
const wall = (value: number, unitShare = 1, of = 1): Cell => ({
  ...basis,
  state: 'number',
  evidence: 'measured',
  value,
  u,
  unitShare,
  of,
})
const answer = (text: string): Cell => ({ ...basis, state: 'words', text, answers: [text] })

/** Products judged by one characteristic, or by a few. */
function untilSure(of: Record<string, Cell[]>): UntilSure {
  const rows = Object.entries(of).map(([key, cells]) => row(key, cells))
  const columns = (rows[0]?.cells ?? []).map((_, at) => {
    return { id: 'abc'[at] ?? '', fatalFaults: [], misfits: [], attributes: {} }
  })
  const judgedBy = criteria.filter(({ attribute }) => attribute in of)
  return specimensUntilSure(evaluateRevisions('spin-on', columns, rows, judgedBy))!
}

/**
 * Two products whose difference is normal: chance that the mean of more units lies so far from nought that one of
 * them is first with a given chance. A closed form.
 */
function chanceOf(level: number, difference: number, more: number): number {
  const left = Math.sqrt((2 * u ** 2) / (1 + more))
  const told = Math.sqrt(2 * u ** 2 - left ** 2)
  const far = normalQuantile(level) * left
  return normalShare((difference - far) / told) + normalShare((-difference - far) / told)
}

describe('how many specimens until sure', () => {
  test.each([0, 1e-6, 3e-6])('of two that are apart by %d m as the closed form has it', (difference) => {
    const { columns, steps } = untilSure({ 'can.wall': [wall(0.00048 + difference), wall(0.00048)] })
    expect(difference === 0 ? ['a', 'b'] : columns).toEqual(['a', 'b'])
    expect(steps.map(({ more }) => more)).toEqual(moreSpecimens)
    for (const { more, leads, wins } of steps.slice(1)) {
      expect(Math.abs(leads - chanceOf(0.8, difference, more)), `${more} more, leads`).toBeLessThan(0.03)
      expect(Math.abs(wins - chanceOf(0.95, difference, more)), `${more} more, wins`).toBeLessThan(0.03)
    }
  })

  test('of two alike the right one is named as often as Sheppard has it: 1/2 + arcsin(r) / pi (from memory)', () => {
    for (const { more, right } of untilSure({ 'can.wall': [wall(0.00048), wall(0.00048)] }).steps)
      expect(Math.abs(right - (0.5 + Math.asin(Math.sqrt(more / (1 + more))) / Math.PI)), `${more} more`).toBeLessThan(
        0.02,
      )
  })

  test('without more it stands as it is called now', () => {
    expect(untilSure({ 'can.wall': [wall(0.00048), wall(0.00048)] }).steps[0]).toMatchObject({ leads: 0, wins: 0 })
    expect(untilSure({ 'can.wall': [wall(0.00049), wall(0.00048)] }).steps[0]).toMatchObject({ leads: 1, wins: 1 })
  })

  test('a doubt that is not of the units stays, however many there are', () => {
    const { steps } = untilSure({ 'can.wall': [wall(0.000481, 0), wall(0.00048, 0)] })
    expect(new Set(steps.map(({ leads }) => leads)).size).toBe(1)
  })

  test('what was looked at in many specimens has less left to tell', () => {
    const after = (of: number) =>
      untilSure({ 'can.wall': [wall(0.00048, 1, of), wall(0.00048, 1, of)] }).steps.find(({ more }) => more === 1)!
    expect(after(8).leads).toBeLessThan(after(1).leads)
  })

  test('an answer that may be mistaken is told by the next look', () => {
    const [now, one] = untilSure({ 'adbv.material': [answer('silicone'), answer('nitrile')] }).steps
    expect(now).toMatchObject({ leads: 1, wins: 0 })
    expect(one!.wins).toBeGreaterThan(0.5)
  })

  test('a third that may be the best counts among those that may be named', () => {
    const two = untilSure({ 'can.wall': [wall(0.00048), wall(0.00048)] })
    const three = untilSure({ 'can.wall': [wall(0.00048), wall(0.00048), wall(0.00048)] })
    expect(three.columns).toHaveLength(2)
    expect(three.steps.at(-1)!.leads).toBeLessThan(two.steps.at(-1)!.leads)
  })

  test('one alone needs none', () => {
    const columns = [{ id: 'a', fatalFaults: [], misfits: [], attributes: {} }]
    expect(specimensUntilSure(evaluateRevisions('spin-on', columns, [row('can.wall', [wall(0.0005)])], criteria))).toBe(
      undefined,
    )
  })
})

describe('in a sentence', () => {
  const said = (...steps: [number, number, number][]) =>
    formatUntilSure(
      { columns: ['a', 'b'], steps: steps.map(([more, leads, wins]) => ({ more, leads, wins, right: leads })) },
      (id) => id.toUpperCase(),
    )
  test.each<[string, [number, number, number][], string]>([
    [
      'sure',
      [
        [0, 1, 1],
        [5, 1, 1],
      ],
      'It is as sure as it can be called: no more specimens are needed.',
    ],
    [
      'of no use',
      [
        [0, 0, 0],
        [5, 0.03, 0],
      ],
      'More specimens hardly help: even with 5 more of A and of B each, the chance that one leads or wins is 3 %.',
    ],
    [
      'enough',
      [
        [0, 0, 0],
        [1, 0.4, 0.1],
        [3, 0.63, 0.2],
        [5, 0.66, 0.3],
      ],
      'With 3 more specimens of A and of B each, the chance that one leads or wins is 63 %;',
    ],
    [
      'from leading to winning',
      [
        [0, 1, 0],
        [1, 1, 0.5],
        [5, 1, 0.52],
      ],
      'With 1 more specimen of A and of B each, the chance that one wins is 50 %;',
    ],
  ])('%s', (_, steps, sentence) => expect(said(...steps)).toContain(sentence))
})
