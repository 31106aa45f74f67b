import { describe, expect, test } from 'vitest'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { completeness, gateBefore, missingBefore, nextOpen, progress } from './progress.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

describe('readings to values', () => {
  test('repeats are averaged, and their doubt is that of instrument and spread together', () => {
    const one = resolve(readings({ 'can.wall': '0.49 mm' })).get('can.wall')!
    const three = resolve(readings({ 'can.wall': ['0.49 mm', '0.50 mm', '0.495 mm'] })).get('can.wall')!
    expect(three.number!.value).toBeCloseTo(0.000495, 9)
    expect(three.spread).toBeCloseTo(0.000005, 9)
    expect(standardUncertainty(three.number!)).toBeGreaterThan(standardUncertainty(one.number!))
  })

  test('a struck reading counts for nothing, and the value goes with the last', () => {
    const known = resolve(
      readings({
        'can.wall': ['0.49 mm', { typed: '0.81 mm', struck: true }],
        'can.height': { typed: '86 mm', struck: true },
      }),
    )
    expect(known.get('can.wall')!.number!.value).toBeCloseTo(0.00049, 9)
    expect(known.has('can.height')).toBe(false)
  })

  test('inferred never pulls at measured', () => {
    const known = resolve(
      readings({
        'media.thickness': [
          { typed: '0.9 mm', evidence: 'inferred' },
          '0.70 mm',
          { typed: '0.8 mm', evidence: 'claimed' },
        ],
      }),
    )
    expect(known.get('media.thickness')).toMatchObject({ evidence: 'measured', number: { value: 0.0007 } })
  })

  test('of answers the latest holds, and a change of mind is flagged', () => {
    expect(resolve(readings({ 'adbv.material': ['nitrile', 'silicone'] })).get('adbv.material')).toMatchObject({
      text: 'silicone',
      disagree: true,
    })
  })

  test('counts that differ ask for another; the majority decides', () => {
    const two = resolve(readings({ 'pleats.count': ['52', '53'] })).get('pleats.count')!
    expect(two).toMatchObject({ disagree: true, number: { value: 53 } })
    expect(standardUncertainty(two.number!)).toBeGreaterThan(0)
    const three = resolve(readings({ 'pleats.count': ['52', '53', '52'] })).get('pleats.count')!
    expect(three.number!.value).toBe(52)
    expect(resolve(readings({ 'pleats.count': ['52', '52'] })).get('pleats.count')).toMatchObject({
      disagree: false,
      number: { value: 52, budget: new Map() },
    })
  })

  test('an outlier is flagged and not dropped', () => {
    const wall = resolve(readings({ 'can.wall': ['0.49 mm', '0.50 mm', '0.49 mm', '0.50 mm', '0.81 mm'] })).get(
      'can.wall',
    )!
    expect(wall.outliers).toEqual(['can.wall-4'])
    expect(wall.readings).toHaveLength(5)
  })

  test('turns counted to the half are known to a quarter', () => {
    const turns = resolve(readings({ 'thread.turns': '4½' })).get('thread.turns')!
    expect(standardUncertainty(turns.number!)).toBeCloseTo(0.25 / Math.sqrt(3), 9)
  })
})

describe('the order of work', () => {
  test('what does not apply disappears and is not missing', () => {
    const all = progress('spin-on', new Map()).find(({ key }) => key === 'parts')!
    const without = progress('spin-on', resolve(readings({ 'bypass.place': 'none' }))).find(
      ({ key }) => key === 'parts',
    )!
    expect(all.missing).toContain('bypass.build')
    expect(without.missing).not.toContain('bypass.build')
    expect(without.of).toBeLessThan(all.of)
  })

  test('before the cut it names what is lost for good', () => {
    const { lost, open } = missingBefore('cut', 'spin-on', resolve(readings({ 'can.height': '86 mm' })))
    expect(lost).toContain('whole.weight')
    expect(lost).toContain('thread.turns')
    expect(lost).not.toContain('can.height')
    expect(open).toContain('gasket.material')
  })

  test('a cartridge has no cut, and its twist test is lost when it comes apart', () => {
    expect(progress('cartridge', new Map()).map(({ then }) => then)).not.toContain('cut')
    expect(missingBefore('apart', 'cartridge', new Map()).lost).toContain('twist.test')
  })

  test('the next open reading follows in order and comes round to what was skipped', () => {
    const known = resolve(readings({ 'box.suffix': 'A-1', 'box.datecode': 'x' }))
    expect(nextOpen('spin-on', known, 'box.suffix')?.key).toBe('box.origin')
    expect(nextOpen('spin-on', known, 'media.type')?.key).toBe('box.origin')
  })

  test('completeness runs from nothing to everything', () => {
    expect(completeness('spin-on', new Map())).toBe(0)
    expect(completeness('spin-on', resolve(readings({ 'box.suffix': 'A-1' })))).toBeGreaterThan(0)
  })
})

describe('a gate before what cannot be undone', () => {
  const whole = {
    'whole.weight': '302 g',
    'can.height': '86 mm',
    'can.diameter': '76 mm',
    'can.dents': 'none',
    'thread.designation': 'M20 x 1.5',
    'thread.turns': '4',
    'plate.inlets': '6 x 6.1',
    'gasket.proud': '1.6 mm',
    'gasket.hold': '3',
  }

  test('stands while something would be lost, and names it', () => {
    const rest = Object.fromEntries(Object.entries(whole).filter(([key]) => key !== 'whole.weight'))
    expect(gateBefore('parts', 'spin-on', resolve(readings(rest)), new Set())).toMatchObject({
      point: 'cut',
      lost: ['whole.weight'],
    })
    expect(gateBefore('outside', 'spin-on', resolve(readings(rest)), new Set())).toBeUndefined()
  })

  test('opens when nothing would be lost, or when it has been passed', () => {
    expect(gateBefore('parts', 'spin-on', resolve(readings(whole)), new Set())).toBeUndefined()
    expect(gateBefore('parts', 'spin-on', new Map(), new Set(['cut']))).toBeUndefined()
  })

  test('what was lost at an earlier point is not asked for again', () => {
    const later = gateBefore('media', 'spin-on', new Map(), new Set(['cut', 'apart']))
    expect(later?.point).toBe('unfold')
    expect(later?.lost).toEqual(['pleats.count'])
  })
})
