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
  ['=cmd', 'B, "quoted"'],
  [
    { label: 'Construction score', unit: 'of 100', values: ['71', ''] },
    { label: 'In a word, by the reviewer', unit: '', values: ['', 'In a pinch, upright'] },
  ],
  rows,
  'metric',
).split('\r\n')

test('a column a product, units named, what is missing empty', () => {
  expect(lines).toContain('Can,Can wall,mm,0.49,0.51')
  expect(lines).toContain('Base plate,Full threads,,4.5,')
  expect(lines).toContain('Base plate,Inlet holes,mm,6 × 6.1,')
})

test('facts of each product stand above the rows', () => {
  expect(lines[1]).toBe('Line-up,Construction score,of 100,71,')
  expect(lines[2]).toBe('Line-up,"In a word, by the reviewer",,,"In a pinch, upright"')
})

test('what a spreadsheet would run as a formula is escaped, in heads and cells', () => {
  expect(lines[0]).toBe(`part,row,unit,'=cmd,"B, ""quoted"""`)
  expect(lines.join('\n')).toContain(`'=1+1`)
})
