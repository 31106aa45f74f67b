import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { assess } from '#core/figures/assess.ts'
import { faceOff } from './face-off.ts'
import type { CellPoints } from './marks.ts'
import { buildLineup } from './lineup.ts'

const column = (id: string, typed: Parameters<typeof readings>[0]) => ({
  id,
  form: 'spin-on' as const,
  specimens: [{ id: `${id}0`, assessment: assess('spin-on', readings(typed, `${id}0`)) }],
})
const rows = buildLineup(
  [
    column('a', {
      'can.wall': '0.53 mm',
      'whole.weight': '330 g',
      'adbv.material': 'nitrile',
      'plate.thickness': '3.00 mm',
      'spring.type': 'coil',
      'box.datecode': 'A1',
    }),
    column('b', {
      'can.wall': '0.40 mm',
      'whole.weight': '300 g',
      'adbv.material': 'silicone',
      'plate.thickness': '3.01 mm',
      'spring.type': 'coil',
      'box.datecode': 'B2',
      'bypass.place': 'none',
    }),
  ],
  () => undefined,
)
/** Wall counts a point a tenth of a millimetre; silicone ten, all else five; nothing else is judged. */
const pointsOf: CellPoints = (key, cell) => {
  if (key === 'can.wall' && cell.state === 'number') return cell.value * 1e4
  if (key === 'adbv.material' && cell.state === 'words') return cell.text === 'Silicone' ? 10 : 5
  return undefined
}
const comparisons = faceOff(rows, 0, 1, pointsOf)
const compared = (key: string) => comparisons.find((one) => one.key === key)

describe('two filters, row by row', () => {
  test.each([
    ['can.wall', 'a'],
    ['adbv.material', 'b'],
    ['plate.thickness', 'tie'],
    ['spring.type', 'tie'],
    ['whole.weight', 'differs'],
    ['glue.grade', 'unknown'],
  ])('%s: %s', (key, outcome) => expect(compared(key)?.outcome).toBe(outcome))

  test('turned round, the winner is the same filter and gains as much', () => {
    const turned = new Map(faceOff(rows, 1, 0, pointsOf).map((one) => [one.key, one]))
    const swapped = { a: 'b', b: 'a', tie: 'tie', differs: 'differs', unknown: 'unknown' } as const
    expect(new Set(comparisons.map(({ outcome }) => outcome)).size).toBe(5)
    for (const { key, outcome, gain } of comparisons)
      expect(turned.get(key)).toMatchObject({ outcome: swapped[outcome], gain })
  })

  test('the gain is the difference of the points', () => {
    expect(compared('can.wall')?.gain).toBeCloseTo(1.3, 9)
    expect(compared('adbv.material')?.gain).toBe(5)
    expect(compared('spring.type')?.gain).toBe(0)
  })

  test('what neither can have is left out', () => {
    // The first has a bypass valve, the second none: the row stands. A cartridge's o-ring neither can have.
    expect(comparisons.some(({ key }) => key === 'bypass.place')).toBe(true)
    expect(comparisons.some(({ key }) => key === 'oring.section')).toBe(false)
  })
})
