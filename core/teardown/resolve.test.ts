import { describe, expect, test } from 'vitest'
import { characteristicOf, type QuantityCharacteristic } from '#core/catalogue/index.ts'
import { rectangular } from '#core/quantity/repeats.ts'
import { expandedUncertainty, minus, standardUncertainty, type Uncertain } from '#core/quantity/uncertain.ts'
import { assumedInstruments, instrumentKinds, repeatPrior, type Instrument } from './instrument.ts'
import { completeness, gateBefore, missingBefore, nextOpen, progress } from './progress.ts'
import { readings } from './readings.fixture.ts'
import { resolve, type ResolvedValues } from './resolve.ts'

const instrumentOf = (id: string, resolution: number, accuracy: number): Instrument => ({
  id,
  name: id,
  kind: 'caliper',
  resolution,
  accuracy,
})
const uOf = (known: ResolvedValues, key: string) => standardUncertainty(known.get(key)!.number!)

/** What an instrument adds at a reading, by hand: its limit at nought, and once more at full scale. */
const limitAt = ({ kind, accuracy }: Instrument, reading: number) =>
  rectangular(accuracy) * Math.hypot(1, reading / instrumentKinds[kind].fullScale)

describe('uncertainty of readings', () => {
  test('one reading: rounding, handling and limit of its instrument, and what the part gives (GUM 4.3.7, F.2.2.1)', () => {
    const { resolution } = assumedInstruments.micrometer
    const { definitionalUncertainty = 0 } = characteristicOf('can.wall') as QuantityCharacteristic
    const expected = Math.hypot(
      rectangular(resolution / 2),
      instrumentKinds.micrometer.handling,
      limitAt(assumedInstruments.micrometer, 0.00049),
      rectangular(definitionalUncertainty),
    )
    expect(uOf(resolve(readings({ 'can.wall': '0.49 mm' })), 'can.wall')).toBeCloseTo(expected, 12)
  })

  test('a reading has that of its own instrument', () => {
    const coarse = instrumentOf('coarse', 0.0001, 0.0002)
    const [reading] = readings({ 'can.height': '86.5 mm' })
    const { definitionalUncertainty = 0 } = characteristicOf('can.height') as QuantityCharacteristic
    const known = resolve([{ ...reading!, instrumentId: 'coarse' }], new Map([['coarse', coarse]]))
    expect(uOf(known, 'can.height')).toBeCloseTo(
      Math.hypot(
        rectangular(0.00005),
        instrumentKinds.caliper.handling,
        limitAt(coarse, 0.0865),
        rectangular(definitionalUncertainty),
      ),
      12,
    )
  })

  test('of two instruments each has its share: they err on their own; one in both readings errs alike', () => {
    const [one, other] = [instrumentOf('one', 0.0002, 0.0004), instrumentOf('other', 0.0002, 0.0004)]
    const instruments = new Map([one, other].map((instrument) => [instrument.id, instrument]))
    const [first, second] = readings({ 'can.height': ['86.5 mm', '86.5 mm'] })
    const of = (...ids: string[]) =>
      resolve(
        [first!, second!].map((reading, index) => ({ ...reading, instrumentId: ids[index] ?? null })),
        instruments,
      ).get('can.height')!.number!
    const shared = ({ budget }: Uncertain) =>
      Math.hypot(...[...budget].flatMap(([source, u]) => (source.startsWith('instrument:') ? [u] : [])))
    expect(shared(of('one', 'one'))).toBeCloseTo(limitAt(one, 0.0865), 12)
    expect(shared(of('one', 'other'))).toBeCloseTo(limitAt(one, 0.0865) / Math.SQRT2, 12)
  })

  test('readings with one’s own instrument share its error between specimens, those with an unnamed one do not', () => {
    const own = instrumentOf('own', 0.00001, 0.00003)
    const height = (specimen: string, instrumentId: string | null) =>
      resolve(
        readings({ 'can.height': '86.5 mm' }, specimen).map((reading) => ({ ...reading, instrumentId })),
        new Map([['own', own]]),
      ).get('can.height')!.number!
    const apart = (instrumentId: string | null) =>
      standardUncertainty(minus(height('a', instrumentId), height('b', instrumentId)))
    expect(apart('own')).toBeLessThan(apart(null))
  })

  test('digits that agree prove no more than the instrument resolves', () => {
    const coarse = instrumentOf('coarse', 0.001, 0)
    const agreed = readings({ 'can.height': Array.from({ length: 9 }, () => '86 mm') })
    const known = resolve(
      agreed.map((reading) => ({ ...reading, instrumentId: 'coarse' })),
      new Map([['coarse', coarse]]),
    )
    expect(known.get('can.height')!.number!.budget.get(`${agreed[0]!.specimenId}/can.height`)).toBeCloseTo(
      rectangular(0.0005),
      12,
    )
  })

  test('a reading that stands apart from the rest is named, and none of three is', () => {
    const known = resolve(readings({ 'can.height': ['86.5 mm', '86.5 mm', '86.51 mm', '86.49 mm', '91.2 mm'] }))
    expect(known.get('can.height')!.outliers).toEqual(['can.height-4'])
    expect(resolve(readings({ 'can.height': ['86 mm', '86 mm', '99 mm'] })).get('can.height')!.outliers).toEqual([])
  })

  test('one reading has no spread, and nothing is said of another', () => {
    expect(resolve(readings({ 'can.wall': '0.49 mm' })).get('can.wall')).not.toHaveProperty('spread')
    expect(
      resolve(readings({ 'can.wall': ['0.49 mm', '0.51 mm'] })).get('can.wall')!.reductionByAnother,
    ).toBeGreaterThan(0)
  })
})

describe('what cannot be averaged', () => {
  test('a count is exact while its repeats agree, else uncertain by half their range', () => {
    expect(uOf(resolve(readings({ 'pleats.count': ['52', '52'] })), 'pleats.count')).toBe(0)
    const counted = resolve(readings({ 'pleats.count': ['52', '55', '52'] }))
    expect(counted.get('pleats.count')).toMatchObject({ disagree: true, number: { value: 52 } })
    expect(uOf(counted, 'pleats.count')).toBeCloseTo(rectangular(1.5), 12)
  })

  test('turns are known to a quarter', () => {
    expect(uOf(resolve(readings({ 'thread.turns': '4.5' })), 'thread.turns')).toBeCloseTo(rectangular(0.25), 12)
  })

  test.each([
    [['52', '53', '53'], 53],
    [['53', '52', '53', '52'], 52],
    [['50', '51', '52'], 52],
    [['52', '53'], 53],
  ])('counts %o: the majority, else the latest', (counts, value) => {
    expect(resolve(readings({ 'pleats.count': counts })).get('pleats.count')!.number!.value).toBe(value)
  })

  test('of grades the latest holds, to half a step, and a change of mind is flagged', () => {
    const known = resolve(readings({ 'glue.grade': ['2', '3'], 'pleats.spacing': ['3', '3'] }))
    expect(known.get('glue.grade')).toMatchObject({ disagree: true, number: { value: 3 } })
    expect(uOf(known, 'glue.grade')).toBeCloseTo(rectangular(0.5), 12)
    expect(known.get('pleats.spacing')).toMatchObject({ disagree: false, number: { value: 3 } })
  })

  test('of answers that agree nothing is flagged', () => {
    expect(resolve(readings({ 'adbv.material': ['nitrile', 'nitrile'] })).get('adbv.material')).toMatchObject({
      text: 'nitrile',
      disagree: false,
      outliers: [],
    })
  })

  test('of openings the latest holds, with the uncertainty of its own caliper', () => {
    const caliper = instrumentOf('long', 0.0001, 0.0003)
    const [first, second] = readings({ 'plate.inlets': ['8 x 5.8', '8 x 5.9'] })
    const known = resolve([first!, { ...second!, instrumentId: 'long' }], new Map([['long', caliper]]))
    expect(known.get('plate.inlets')).toMatchObject({
      disagree: true,
      openings: { groups: [{ count: 8, width: expect.closeTo(0.0059, 12) as number }] },
    })
    const { openings } = known.get('plate.inlets')!
    expect(openings!.standardUncertainty).toBeCloseTo(repeatPrior(caliper, 'plate.inlets').deviation, 12)
    expect(standardUncertainty(openings!.instrumentError)).toBeCloseTo(limitAt(caliper, 0.0059), 9)
    const same = resolve(readings({ 'plate.inlets': ['8 x 5.8', '8 x 5.8'] })).get('plate.inlets')!
    expect(same.disagree).toBe(false)
  })

  test('what is no characteristic any more is left aside', () => {
    const [reading] = readings({ 'can.wall': '0.49 mm' })
    expect(resolve([{ ...reading!, characteristic: 'no.such' }]).size).toBe(0)
  })
})

describe('readings to values', () => {
  test('repeats are averaged, and a second and a third narrow the interval', () => {
    const one = resolve(readings({ 'can.wall': '0.49 mm' })).get('can.wall')!
    const three = resolve(readings({ 'can.wall': ['0.49 mm', '0.50 mm', '0.495 mm'] })).get('can.wall')!
    expect(three.number!.value).toBeCloseTo(0.000495, 9)
    expect(three.spread).toBeCloseTo(0.000005, 9)
    expect(expandedUncertainty(three.number!)).toBeLessThan(expandedUncertainty(one.number!))
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
    expect(lost).toContain('gasket.hold')
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
