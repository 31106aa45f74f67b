import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { agreementWeight, isRuledOut } from './agreement-weight.ts'
import { frequenciesOf } from './frequencies.ts'
import { findKin, formatKin, formatOdds, shareWord } from './kin-finding.ts'
import { kinFeatures } from './kin-features.ts'
import { kinGrounds } from './kin-grounds.ts'
import { kinParts } from './kin-parts.ts'
import { jointShare, kinship } from './kinship.ts'
import { others, recordOf, wellKnown } from './kin.fixture.ts'
import { swapWeights } from './swap-test.ts'
import { toRecord } from './to-record.ts'

const feature = (key: string) => kinFeatures.find((one) => one.key === key)!
const answer = (word: string) => ({ answer: word, specimen: 's' })
const size = (number: number, u: number, degrees = 1000) => ({ number, u, degrees, specimen: 's' })

describe('agreement weight', () => {
  // Fellegi and Sunter, 1969, as told in textbooks of record linkage (from memory): a field that agrees in 95 % of the
  // matches and by chance in 1 % weighs log2(0.95 / 0.01) = 6.57; one that agrees by chance in half weighs 0.93.
  test.each([
    [0.01, 6.57],
    [0.5, 0.93],
  ])('of an answer that a share of %f has', (common, bits) => {
    const field = { ...feature('core.seam'), doubt: 1 - Math.sqrt(0.95) }
    expect(Math.log2(agreementWeight(field, answer('spiral'), answer('spiral'), common))).toBeCloseTo(bits, 2)
  })

  test('a rare answer proves more than a common one, and a difference speaks against', () => {
    const seam = feature('can.seam')
    const rare = agreementWeight(seam, answer('stepped'), answer('stepped'), 0.04)
    const common = agreementWeight(seam, answer('flat'), answer('flat'), 0.8)
    expect(rare).toBeGreaterThan(15 * common)
    expect(agreementWeight(seam, answer('flat'), answer('stepped'), 0.2)).toBeLessThan(0.05)
  })

  test('of a size the density of the difference over that of the size, as the normal distribution has it', () => {
    const height = feature('can.height')
    const u = Math.hypot(0.0003, 0.0004)
    const [a, b, common] = [size(0.08, 0.0003), size(0.0804, 0.0004), 60]
    const density = Math.exp(-((0.0004 / u) ** 2) / 2) / (u * Math.sqrt(2 * Math.PI))
    expect(agreementWeight(height, a, b, common)).toBeCloseTo((0.99 * density) / common + 0.01, 6)
  })

  test('no single look proves more than 200 to one, nor less than one to 200', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-6, max: 1, noNaN: true }), fc.constantFrom('flat', 'stepped'), (common, word) => {
        const weight = agreementWeight(feature('can.seam'), answer('flat'), answer(word), common)
        return weight <= 200 && weight >= 1 / 200
      }),
    )
  })

  test('sizes apart by more than their doubt rule a part out, within it they do not, and a grade never does', () => {
    expect(isRuledOut(feature('can.height'), size(0.08, 0.0002), size(0.0812, 0.0002))).toBe(true)
    expect(isRuledOut(feature('can.height'), size(0.08, 0.0002), size(0.0808, 0.0002))).toBe(false)
    expect(isRuledOut(feature('can.height'), size(0.08, 0.0002, 2), size(0.0812, 0.0002, 2))).toBe(false)
    expect(isRuledOut(feature('pleats.count'), size(48, 0), size(51, 0))).toBe(true)
    expect(isRuledOut(feature('pleats.count'), size(48, 0), size(49, 0))).toBe(false)
    expect(isRuledOut(feature('gasket.hold'), size(0, 0), size(4, 0))).toBe(false)
  })
})

describe('kinship', () => {
  const a = recordOf('a', wellKnown)
  const twin = recordOf('b', wellKnown)
  const between = (x: typeof a, y: typeof a) => kinship(x, y, frequenciesOf([x, y, ...others]))

  test('two names of one build are found from readings alone', () => {
    const found = findKin(between(a, twin))
    expect(found.kind).toBe('build')
    expect(formatKin(found)).toBe('Same build')
  })

  test('one that differs in the element alone has the same shell', () => {
    const element = recordOf('b', {
      ...wellKnown,
      'pleats.count': 61,
      'media.length': 1.42,
      'core.type': 'perforated',
      'glue.colour': 'grey',
      'caps.fixing': 'welded',
    })
    expect(formatKin(findKin(between(a, element)))).toBe('Same shell, other element')
  })

  test('strangers of one engine have nothing in common but what it asks', () => {
    const [c, d] = others
    expect(findKin(between(recordOf('a', wellKnown), d!)).kind).toBe('nothing')
    expect(findKin(between(c!, a)).kind).toBe('nothing')
  })

  test('with hardly anything recorded nothing can be told, and it says what to record', () => {
    const few = recordOf('b', { 'gasket.material': 'nitrile' })
    expect(findKin(between(a, few))).toMatchObject({ kind: 'open', parts: [] })
    const next = toRecord(a, few, 3)
    expect(next).toHaveLength(3)
    for (const {
      feature: { key },
      missingOf,
    } of next) {
      expect(missingOf, key).toEqual(['b'])
      expect(wellKnown, key).toHaveProperty([key])
    }
  })

  test('a part that was tried and does not swap is another part, whatever it looks like', () => {
    const frequencies = frequenciesOf([a, twin, ...others])
    const kin = kinship(a, twin, frequencies, swapWeights([{ part: 'can', outcome: 'not' }]))
    expect(kin.build).toBe(0)
    expect(kin.shared[kinParts.findIndex(({ key }) => key === 'can')]).toBe(0)
    expect(findKin(kin).parts).not.toContain('can')
  })

  test('a part that was tried and fits is likelier the same, and with play less', () => {
    const few = { 'can.height': 0.0831, 'gasket.material': 'nitrile' }
    const [x, y] = [recordOf('x', few), recordOf('y', few)]
    const frequencies = frequenciesOf([x, y, ...others])
    const at = kinParts.findIndex(({ key }) => key === 'bypass')
    const [fits, play] = (['fits', 'play'] as const).map(
      (outcome) => kinship(x, y, frequencies, swapWeights([{ part: 'bypass', outcome }])).shared[at] ?? NaN,
    )
    expect(fits).toBeGreaterThan(play ?? NaN)
  })

  test('one size far apart leaves the other parts as they are', () => {
    const longer = recordOf('b', { ...wellKnown, 'can.height': 0.097 })
    const found = findKin(between(a, longer))
    expect(found.kind).toBe('family')
    expect(found.parts).toContain('plate')
    expect(found.parts).not.toContain('can')
  })

  const given = fc
    .dictionary(fc.constantFrom(...Object.keys(wellKnown)), fc.constant(true))
    .map((keys) => Object.fromEntries(Object.keys(keys).map((key) => [key, wellKnown[key]!])))

  test('is the same from both sides', () => {
    fc.assert(
      fc.property(given, given, (x, y) => {
        const [one, other] = [recordOf('a', x), recordOf('b', { ...y, 'can.lining': 'bare' })]
        const frequencies = frequenciesOf([one, other, ...others])
        expect(kinship(one, other, frequencies).build).toBeCloseTo(kinship(other, one, frequencies).build, 12)
      }),
    )
  })

  test('what is known of one alone says nothing', () => {
    fc.assert(
      fc.property(given, fc.constantFrom(...Object.keys(wellKnown)), (x, key) => {
        const { [key]: _, ...less } = x
        const frequencies = frequenciesOf([...others])
        const [full, without] = [recordOf('a', x), recordOf('a', less)]
        expect(kinship(full, recordOf('b', less), frequencies)).toEqual(
          kinship(without, recordOf('b', less), frequencies),
        )
      }),
    )
  })

  test('the chances of all that may be come to one, and what is shared at once is never likelier than each alone', () => {
    fc.assert(
      fc.property(given, given, (x, y) => {
        const kin = between(recordOf('a', x), recordOf('b', y))
        expect(kin.build + kin.family + kin.strangers).toBeCloseTo(1, 9)
        const known = kinParts.flatMap((_, at) => (Number.isNaN(kin.shared[at]) ? [] : [at]))
        const all = jointShare(kin, known, [])
        for (const at of known) expect(all).toBeLessThanOrEqual((kin.shared[at] ?? 0) + 1e-9)
        if (known.length > 0)
          expect(jointShare(kin, known, []) + jointShare(kin, [], known)).toBeLessThanOrEqual(1 + 1e-9)
      }),
    )
  })

  test('grounds stand by what they prove: what rules out, what is rare, what is common', () => {
    const longer = recordOf('b', { ...wellKnown, 'can.height': 0.097, 'gasket.material': 'nitrile' })
    const grounds = kinGrounds(a, longer, frequenciesOf([a, longer, ...others]))
    expect(grounds[0]).toMatchObject({ feature: { key: 'can.height' }, verdict: 'rules out' })
    expect(grounds.find((one) => one.feature.key === 'plate.inlets:odd')).toMatchObject({ verdict: 'rare' })
  })
})

describe('words', () => {
  test.each([
    [0.96, 'same'],
    [0.85, 'likely'],
    [0.5, 'open'],
    [0.1, 'unlikely'],
    [0.01, 'other'],
    [NaN, 'unknown'],
  ])('a share of %f', (shared, word) => {
    expect(shareWord(shared)).toBe(word)
  })

  test.each([
    [0.5, '1 to 1'],
    [0.9999, 'over 1000 to 1'],
    [0.0001, '1 to over 1000'],
  ])('odds of %f', (chance, words) => {
    expect(formatOdds(chance)).toBe(words)
  })
})
