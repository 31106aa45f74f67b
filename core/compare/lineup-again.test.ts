import fc from 'fast-check'
import { expect, test } from 'vitest'
import { assess } from '#core/figures/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { follows } from './kept-cell.ts'
import { buildLineup } from './lineup.ts'
import type { CellPoints } from './marks.ts'
import type { RevisionColumn } from './revision-column.ts'

type Typed = Parameters<typeof readings>[0]

const column = (id: string, typed: Typed): RevisionColumn => ({
  id,
  form: 'spin-on',
  specimens: [{ id: `${id}0`, assessment: assess('spin-on', readings(typed, `${id}0`)) }],
})

const judged: CellPoints = (_, cell) => (cell.state === 'number' ? cell.value : undefined)

const measured = fc.record(
  {
    'can.wall': fc.constantFrom('0.40 mm', '0.41 mm', '0.53 mm'),
    'can.height': fc.constantFrom('80 mm', '95 mm'),
    'media.length': fc.constantFrom('1200 mm', '1800 mm'),
    'media.width': fc.constantFrom('55 mm', '60 mm'),
    'bypass.place': fc.constantFrom('none', 'dome'),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<Typed>

const change = fc.record({ at: fc.nat(3), typed: measured, relative: fc.constantFrom(0.01, 0.02) })

test('a line-up that is built again after a change says what it says when it is built for the first time', () => {
  fc.assert(
    fc.property(
      fc.array(measured, { minLength: 4, maxLength: 4 }),
      fc.array(change, { maxLength: 6 }),
      (all, changes) => {
        const typed = [...all]
        const kept = typed.map((one, at) => column(`c${at}`, one))
        buildLineup(kept, judged)
        for (const { at, typed: changed, relative } of changes) {
          typed[at] = changed
          const next = column(`c${at}`, changed)
          follows(next, kept[at]!)
          kept[at] = next
          const spreads = new Map([['can.wall', { relative, degreesOfFreedom: 4, source: 'library' as const }]])
          const first = typed.map((one, index) => column(`c${index}`, one))
          expect(buildLineup(kept, judged, spreads)).toEqual(buildLineup(first, judged, spreads))
        }
      },
    ),
    { numRuns: 40 },
  )
})

test('rows in which nothing has changed are the same objects', () => {
  const kept = [column('a', { 'can.wall': '0.5 mm', 'can.height': '80 mm' }), column('b', { 'can.wall': '0.4 mm' })]
  const rowsBefore = buildLineup(kept, judged)
  const changed = column('a', { 'can.wall': '0.5 mm', 'can.height': '95 mm' })
  follows(changed, kept[0]!)
  const rows = buildLineup([changed, kept[1]!], judged)
  const [wall, height] = ['can.wall', 'can.height'].map((key) => rows.findIndex((row) => row.key === key))
  expect(rows[wall!]).toBe(rowsBefore[wall!])
  expect(rows[height!]).not.toBe(rowsBefore[height!])
  expect(rows[height!]!.cells[0]).toMatchObject({ state: 'number', value: 0.095 })
})

test('rows are marked anew when they are judged otherwise', () => {
  const columns = [column('a', { 'can.wall': '0.53 mm' }), column('b', { 'can.wall': '0.40 mm' })]
  const marksBy = (points: CellPoints) =>
    buildLineup(columns, points)
      .find(({ key }) => key === 'can.wall')!
      .cells.map((cell) => ('mark' in cell ? cell.mark : undefined))
  expect(marksBy((_, cell) => (cell.state === 'number' ? cell.value * 1e4 : undefined))).toEqual(['best', 'worst'])
  expect(marksBy((_, cell) => (cell.state === 'number' ? -cell.value * 1e4 : undefined))).toEqual(['worst', 'best'])
})
