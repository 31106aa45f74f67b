import { expect, test } from 'vitest'
import { buildLineup } from '#core/compare/lineup.ts'
import type { RevisionColumn } from '#core/compare/revision-column.ts'
import { assess } from '#core/figures/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { counterChecks, formatRatio } from './counter-check.ts'

const column = (id: string, typed: Parameters<typeof readings>[0]): RevisionColumn => ({
  id,
  form: 'spin-on',
  specimens: [{ id: `${id}0`, assessment: assess('spin-on', readings(typed, `${id}0`)) }],
})
const checks = (...columns: Parameters<typeof readings>[0][]) =>
  counterChecks(
    buildLineup(
      columns.map((typed, at) => column(`c${at}`, typed)),
      () => undefined,
    ),
    0,
  )

test('what differs tells, what is the same does not, and what is inside is not seen at a counter', () => {
  const found = checks(
    { 'thread.turns': '4', 'can.print': 'sticker', 'can.wall': '0.49 mm', 'box.origin': 'Harland' },
    { 'thread.turns': '4', 'can.print': 'printed', 'can.wall': '0.38 mm', 'box.origin': 'Harland' },
  )
  expect(found.map(({ characteristic }) => characteristic.key)).toEqual(['can.print'])
  expect(found[0]?.ratio).toBeCloseTo(0.95 / 0.05)
  expect(found[0]?.tellsFrom).toEqual([1])
})

test('a weight far from the others is more telling than one that is near', () => {
  const [far] = checks({ 'whole.weight': '372 g' }, { 'whole.weight': '240 g' }, { 'whole.weight': '245 g' })
  expect(far?.ratio).toBeGreaterThan(100)
  expect(far?.tellsFrom).toEqual([1, 2])
  expect(checks({ 'whole.weight': '302 g' }, { 'whole.weight': '302.2 g' })).toEqual([])
})

test('nothing is told from those of which nothing is known', () => {
  expect(checks({ 'can.print': 'sticker' }, {})).toEqual([])
  expect([3, 19, 5000].map(formatRatio)).toEqual(['likely', 'strong', 'as good as certain'])
})
