import { expect, test } from 'vitest'
import type { RevisionColumn } from '#core/compare/revision-column.ts'
import { buildLineup } from '#core/compare/lineup.ts'
import { assess } from '#core/figures/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { lineupCsv } from './lineup-csv.ts'

const column = (id: string, typed: Parameters<typeof readings>[0]): RevisionColumn => ({
  id,
  form: 'spin-on',
  specimens: [{ id: `${id}0`, assessment: assess('spin-on', readings(typed, `${id}0`)) }],
})
const rows = buildLineup(
  [
    column('a', { 'can.wall': '0.49 mm', 'box.datecode': '=1+1', 'thread.turns': '4½', 'plate.inlets': '6 x 6.1 mm' }),
    column('b', { 'can.wall': '20 thou' }),
  ],
  () => undefined,
)
const lines = lineupCsv(
  [
    { name: '=cmd', score: '71', chance: '0.91', price: '8.90 EUR' },
    { name: 'B, "quoted"', score: '', chance: '', price: '' },
  ],
  rows,
  'metric',
  3,
  'Norrith N-40 leads: first in 91 % of what may be.',
).split('\r\n')

test('a column a product, units named, what is missing empty', () => {
  expect(lines).toContain('Can,Can wall,mm,0.49,0.51')
  expect(lines).toContain('Base plate,Full threads,,4.5,')
  expect(lines).toContain('Base plate,Inlet holes,mm,6 × 6.1,')
})

test('says by which version of the method it is scored', () => {
  expect(lines).toContain('Line-up,Construction score,of 100,71,')
  expect(lines).toContain('Line-up,Method,version,3,3')
})

test('says who is first, and how sure that is, as every page does', () => {
  expect(lines).toContain('Line-up,Chance of being first,,0.91,')
  expect(lines).toContain('Line-up,Who is first,,Norrith N-40 leads: first in 91 % of what may be.,')
})

test('what a spreadsheet would run as a formula is escaped, in heads and cells', () => {
  expect(lines[0]).toBe(`part,row,unit,'=cmd,"B, ""quoted"""`)
  expect(lines.join('\n')).toContain(`'=1+1`)
})
