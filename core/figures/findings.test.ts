import { describe, expect, test } from 'vitest'
import { assess } from './assess.ts'
import { pooledSpread, unitSpread } from '#core/compare/unit-spread.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { elastomers, hotMargin } from './elastomer.ts'

/** A filter that agrees with itself: weights add up, pleats fill their room, the strip weighs what strips weigh. */
const sound = {
  'whole.weight': '303.2 g',
  'plate.weight': '131 g',
  'element.weight': '51 g',
  'can.weight': '91 g',
  'spring.type': 'coil',
  'spring.weight': '9 g',
  'bypass.place': 'dome',
  'bypass.weight': '12 g',
  'adbv.weight': '5 g',
  'gasket.weight': '3.7 g',
  'element.od': '63 mm',
  'element.id': '33 mm',
  'element.height': '66 mm',
  'pleats.count': '50',
  'media.length': '1420 mm',
  'media.how': 'strip',
  'media.width': '64 mm',
  'media.buried': '2.6 mm',
  'media.thickness': '0.7 mm',
  'media.weight': '12 g',
}
const findings = (typed: Parameters<typeof readings>[0], asks = {}) =>
  assess('spin-on', readings({ ...sound, ...typed }), { requirements: asks }).findings
const culprits = (typed: Parameters<typeof readings>[0], asks = {}) =>
  findings(typed, asks).map(({ culprit }) => culprit)

describe('what contradicts itself', () => {
  test('a sound filter has no findings', () => {
    expect(findings({})).toEqual([])
  })

  // Common practice, no published source: whole 372 g; plate 160, element 105, valve-spring 10, can 92: 5 g
  // left for gasket and valve. Sound.
  test('the weights of the trade are sound', () => {
    const weights = {
      'whole.weight': '372 g',
      'plate.weight': '160 g',
      'element.weight': '105 g',
      'spring.type': 'combination',
      'spring.weight': '10 g',
      'can.weight': '92 g',
      'adbv.weight': '2.5 g',
      'gasket.weight': '2.5 g',
      'bypass.place': 'dome',
    }
    const { figures, findings: found } = assess('spin-on', readings(weights))
    const residual = figures.get('weight.residual')
    expect(residual?.state === 'known' && residual.number.value).toBeCloseTo(0, 6)
    expect(found).toEqual([])
  })

  test('a plate weighed without its lid: the plate is named, with the weight that would explain it', () => {
    const [finding] = findings({ 'plate.weight': '95 g' })
    expect(finding).toMatchObject({ culprit: 'plate.weight' })
    expect(finding!.message).toContain('36.5 g of the whole weight are in none of the parts')
    expect(finding!.advice).toContain('131.5 g instead of 95.0 g would explain it')
  })

  // Gasket and flap usually weigh up to 6 and 8 g: common practice, no published source.
  test('more left than the open parts weigh is told before they are on the scale, with their names', () => {
    const { 'adbv.weight': _flap, 'gasket.weight': _gasket, ...others } = sound
    const found = (typed: Parameters<typeof readings>[0]) =>
      assess('spin-on', readings({ ...others, ...typed })).findings
    expect(found({})).toEqual([])
    expect(found({ 'plate.weight': '104.2 g' })[0]?.message).toBe(
      '36.0 g still to weigh of 303.2 g: more than the 14 g that anti-drain-back valve and gasket weigh at most.',
    )
  })

  test('media weighed along with mesh or glue contradict nothing', () => {
    const heavy = { 'media.weight': '45 g', 'media.thickness': '0.7 mm' }
    expect(culprits(heavy)).toEqual(['media.weight'])
    for (const along of ['mesh', 'glue']) expect(culprits({ ...heavy, 'media.with': along })).toEqual([])
    expect(culprits({ ...heavy, 'media.backing': 'wire' })).not.toContain('media.weight')
    expect(culprits({ ...heavy, 'media.backing': 'wire', 'media.with': 'alone' })).toEqual(['media.weight'])
    expect(culprits({ ...heavy, 'media.weight': '150 g', 'media.with': 'mesh' })).toContain('media.weight')
  })

  test('parts heavier than the whole are impossible', () => {
    expect(findings({ 'whole.weight': '203.2 g' })[0]?.message).toMatch(/more than the whole: impossible/)
    expect(culprits({ 'can.weight': '191 g' })).toEqual(['can.weight'])
  })

  test('a miscount: the strip weighs what it should, so the count is named', () => {
    const [finding] = findings({ 'pleats.count': '39' })
    expect(finding).toMatchObject({ culprit: 'pleats.count' })
    expect(finding!.advice).toContain('About 50 pleats instead of 39 would fit')
  })

  test('a length in the wrong unit is named with the unit that fits', () => {
    const [finding] = findings({ 'media.length': '55.9 cm' })
    expect(finding).toMatchObject({ culprit: 'media.length' })
    expect(finding!.advice).toContain('55.9 in instead of 55.9 cm would fit')
  })

  test('a length misread otherwise is known by the weight of the media', () => {
    const [finding] = findings({ 'media.length': '3.0 m', 'media.weight': '11 g' })
    expect(finding).toMatchObject({ culprit: 'media.length' })
    expect(finding!.advice).toContain('which no media does')
  })

  test('a pressure of the system given as a bypass opening', () => {
    const [finding] = findings({ 'bypass.printed': { typed: '60 psi', evidence: 'claimed' } })
    expect(finding).toMatchObject({ culprit: 'bypass.printed' })
    expect(finding!.message).toContain('looks like the pressure in the system')
    expect(culprits({ 'bypass.printed': '15 psi' })).toEqual([])
  })

  test('push test against print, spring and what the application asks', () => {
    const push = { 'bypass.push': '1336 g', 'bypass.seat': '12.7 mm' }
    expect(culprits({ ...push, 'bypass.printed': '15 psi' }, { bypassOpening: 1e5 })).toEqual([])
    expect(culprits({ ...push, 'bypass.printed': '2 bar' })).toEqual(['bypass.push'])
    expect(culprits(push, { bypassOpening: 2.5e5 })).toEqual(['bypass.push'])
    expect(
      culprits({
        ...push,
        'bypass.build': 'coil',
        'bypass.wire': '1.6 mm',
        'bypass.coil': '12 mm',
        'bypass.coils': '5',
        'bypass.preload': '8 mm',
      }),
    ).toEqual(['bypass.wire'])
  })

  test('a strip wider than its element, media too light, too dense', () => {
    expect(culprits({ 'media.width': '72 mm', 'media.weight': '13 g' })).toEqual(['media.width'])
    expect(culprits({ 'media.weight': '3.2 g' })).toEqual(['media.weight'])
    expect(culprits({ 'media.thickness': '2.2 mm' })).toEqual(['media.thickness'])
  })

  test('a density is found by the limits that it prints, from both sides', () => {
    // By hand: the strip is 1420 mm x 64 mm; its weight over that and over the density is the thickness.
    const at = (density: number, grams: number) => {
      const thickness = grams / 1000 / (1.42 * 0.064) / density
      const typed = { 'media.weight': `${grams} g`, 'media.thickness': `${(thickness * 1000).toFixed(4)} mm` }
      return findings(typed).map(({ message }) => message)
    }
    const [thick = ''] = at(60, 12)
    expect(thick).toMatch(/^The media would have 0\.06 g\/cm³; media have [\d.]+ to [\d.]+\.$/)
    const [least = 0, most = 0] = /have ([\d.]+) to ([\d.]+)\.$/
      .exec(thick)!
      .slice(1)
      .map((limit) => Number(limit) * 1000)
    expect(at(least * 1.02, 12)).toEqual([])
    expect(at(least * 0.98, 12)).toHaveLength(1)
    expect(at(most * 0.98, 20)).toEqual([])
    expect(at(most * 1.02, 20)).toHaveLength(1)
  })

  test('two counts that differ ask for a third; three settle it', () => {
    expect(findings({ 'pleats.count': ['50', '51'] })[0]?.advice).toMatch(/Count a third time/)
    expect(culprits({ 'pleats.count': ['50', '51', '50'] })).toEqual([])
  })

  test('a reading that stands apart is named as it was typed', () => {
    expect(findings({ 'can.wall': ['0.49 mm', '0.50 mm', '0.49 mm', '0.50 mm', '0.81 mm'] })[0]?.message).toContain(
      '"0.81 mm" stands apart from the other 4',
    )
  })
})

describe('rubber and hot oil (common practice, no published source)', () => {
  const hardUse = ((275 + 459.67) * 5) / 9
  test('nitrile hardens at 275 °F, silicone stands it', () => {
    expect(hotMargin('nitrile', hardUse).value).toBeLessThan(0)
    expect(hotMargin('silicone', hardUse).value).toBeGreaterThan(50)
    expect(elastomers.nitrile!.hot).toBeCloseTo(394.26, 1)
    expect(() => hotMargin('cheese', 400)).toThrow(RangeError)
  })

  test('the margin waits until the application says how hot its oil gets', () => {
    const silent = assess('spin-on', readings({ 'gasket.material': 'nitrile' })).figures.get('gasket.marginHot')
    expect(silent).toMatchObject({ state: 'missing', missing: [], unsaid: ['hottest oil of the engine'] })
    const said = assess('spin-on', readings({ 'gasket.material': 'nitrile' }), {
      requirements: { oilTemperatureMax: hardUse },
    }).figures.get('gasket.marginHot')
    expect(said).toMatchObject({ state: 'known', remark: 'hardens in the hottest oil' })
  })
})

describe('unit-to-unit spread', () => {
  test('is pooled over products by their degrees of freedom, by hand', () => {
    // Relative variances 0.0002 with one degree of freedom and 0.0001 with two: (0.0002 + 2 x 0.0001) / 3.
    const one = [99, 101]
    const two = [99, 100, 101]
    expect(pooledSpread([one, two, [7]])).toMatchObject({ degreesOfFreedom: 3, source: 'library' })
    expect(pooledSpread([one, two])!.relative ** 2).toBeCloseTo((0.0002 + 0.0002) / 3, 8)
    expect(pooledSpread([[1], [2]])).toBeUndefined()
  })

  test('says what it rests on', () => {
    const library = { relative: 0.01, degreesOfFreedom: 6, source: 'library' as const }
    expect(unitSpread([100], undefined)).toMatchObject({ source: 'assumed', relative: 0.02 })
    expect(unitSpread([100], library).source).toBe('library')
    const own = unitSpread([90, 110], library)
    expect(own.source).toBe('specimens')
    expect(own.relative).toBeGreaterThan(0.01)
  })
})
