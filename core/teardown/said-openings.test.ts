import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { characteristicOf, type OpeningsCharacteristic } from '#core/catalogue/index.ts'
import { computeFigure } from '#core/figures/figure.ts'
import { figureOf } from '#core/figures/index.ts'
import { formatOpenings, writeOpenings, type OpeningGroup } from './opening-groups.ts'
import { parseOpenings } from './openings.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'
import { mergeOpenings, parseUnsized } from './said-openings.ts'

const inlets = characteristicOf('plate.inlets') as OpeningsCharacteristic
const parse = (text: string, unit = 'mm') => {
  const read = parseOpenings(text, unit, inlets)
  if (!read.ok) throw new Error(read.problem.message)
  return read.value.groups.map((group) => ({
    ...group,
    ...(group.width !== undefined && { width: Number(group.width.toFixed(6)) }),
  }))
}

// Wordings of the kind that reviewers use; common practice, no published source.
describe('holes that were counted or looked at, and not measured', () => {
  test.each<[string, OpeningGroup[]]>([
    ['8', [{ count: 8 }]],
    ['8 holes', [{ count: 8 }]],
    ['eight holes', [{ count: 8 }]],
    ['Eight inlet holes.', [{ count: 8 }]],
    ['7 holes, all alike', [{ count: 7, alike: true }]],
    ['seven, all the same', [{ count: 7, alike: true }]],
    ['8 equal holes', [{ count: 8, alike: true }]],
    ['all the same', [{ alike: true }]],
    ['all alike', [{ alike: true }]],
    ['6 holes, one larger', [{ count: 5 }, { count: 1, odd: 'larger' }]],
    ['six holes, one of them bigger', [{ count: 5 }, { count: 1, odd: 'larger' }]],
    ['8 holes with two smaller ones', [{ count: 6 }, { count: 2, odd: 'smaller' }]],
    ['one odd one', [{}, { count: 1, odd: 'odd' }]],
    ['an odd one', [{}, { count: 1, odd: 'odd' }]],
    ['6 elongated holes', [{ count: 6, slot: true }]],
    ['six slots', [{ count: 6, slot: true }]],
  ])('%s', (text, groups) => expect(parse(text)).toEqual(groups))

  test.each<[string, OpeningGroup[]]>([
    ['5.8', [{ width: 0.0058 }]],
    ['6 mm', [{ width: 0.006 }]],
    ['holes of 5.8 mm', [{ width: 0.0058 }]],
    ['5.8 and 8.2 mm', [{ width: 0.0058 }, { width: 0.0082 }]],
    [
      '7 x 5.8, one larger',
      [
        { count: 7, width: 0.0058 },
        { count: 1, odd: 'larger' },
      ],
    ],
  ])('sizes without how many: %s', (text, groups) => expect(parse(text)).toEqual(groups))

  test.each(['a few holes', 'holes', 'round', '', 'one larger than the thread', '3 holes, 3 larger', 'many'])(
    '%j says nothing that can be counted',
    (text) => expect(parseUnsized(text)).toBeUndefined(),
  )

  test('none at all and more than can be are refused in words', () => {
    const problemOf = (text: string) => {
      const read = parseOpenings(text, 'mm', inlets)
      return read.ok ? '' : read.problem.message
    }
    expect(problemOf('0 holes')).toContain('zero holes')
    expect(problemOf('90 holes')).toContain('90 holes is more than I can believe here')
  })
})

const odd = fc.constantFrom('larger', 'smaller', 'odd' as const)
const unsized = fc.oneof(
  fc.record({ count: fc.integer({ min: 1, max: 40 }), slot: fc.constant(true) }, { requiredKeys: ['count'] }),
  fc.record({ count: fc.integer({ min: 1, max: 40 }), alike: fc.constant(true) }),
)
const written: fc.Arbitrary<OpeningGroup[]> = fc.oneof(
  unsized.map((group): OpeningGroup[] => [group]),
  fc
    .tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 20 }), odd)
    .map(([count, others, kind]): OpeningGroup[] => [{ count }, { count: others, odd: kind as 'odd' }]),
  fc
    .tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 20, max: 80 }), odd)
    .map(([count, size, kind]): OpeningGroup[] => [
      { count, width: size / 10_000 },
      { count: 1, odd: kind as 'odd' },
    ]),
)

test('what is said of openings is read back as it was', () => {
  fc.assert(
    fc.property(written, (groups) => {
      expect(parse(writeOpenings(groups, String), 'm')).toEqual(groups)
    }),
  )
  expect(formatOpenings([{ count: 5 }, { count: 1, odd: 'larger' }], 'mm')).toBe('6 holes, 1 larger')
  expect(formatOpenings([{ width: 0.0058 }], 'mm')).toBe('holes of 5.8 mm')
})

test('no text is too odd to read', () => {
  fc.assert(fc.property(fc.string(), (text) => void parseUnsized(text)))
})

describe('a later reading adds to an earlier one', () => {
  const known = (...said: string[]) => resolve(readings({ 'plate.inlets': said })).get('plate.inlets')

  test('a size to a count, a count to a size', () => {
    const both = { groups: [{ count: 8, width: 0.0058 }], agree: true }
    expect(mergeOpenings([{ count: 8 }], [{ width: 0.0058 }])).toEqual(both)
    expect(mergeOpenings([{ width: 0.0058 }], [{ count: 8 }])).toEqual(both)
  })

  test('an odd one to a count, and sizes to both', () => {
    const value = known('6 holes', 'one larger', '5.8 and 8.2 mm')
    expect(value?.openings?.groups).toMatchObject([
      { count: 5, width: expect.closeTo(0.0058, 9) as number },
      { count: 1, width: expect.closeTo(0.0082, 9) as number, odd: 'larger' },
    ])
    expect(value?.disagree).toBe(false)
  })

  test('a count of all takes nothing from sizes that come to it', () =>
    expect(known('7 x 5.8, 1 x 8.2', '8 holes')?.openings?.groups).toHaveLength(2))

  test('what goes against it stands alone, and is flagged', () => {
    expect(known('8 x 5.8', '7 x 5.8')).toMatchObject({
      disagree: true,
      openings: { groups: [{ count: 7, width: 0.0058 }] },
    })
    expect(known('8 holes', '6 holes, one larger')?.disagree).toBe(true)
  })
})

test('an area waits for the sizes, and is there once they are', () => {
  const area = (...said: string[]) => computeFigure(figureOf('inlet.area'), resolve(readings({ 'plate.inlets': said })))
  expect(area('8 holes')).toMatchObject({ state: 'missing', missing: ['plate.inlets'] })
  const whole = area('8 holes', '5.8 mm')
  expect(whole.state === 'known' && whole.number.value).toBeCloseTo((8 * Math.PI * 0.0058 ** 2) / 4, 9)
})
