import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { absoluteWords, faultInNext, formatProposedWord, proposeWord } from './absolute-word.ts'

const nothing = {
  above: undefined,
  misfits: [],
  faults: [],
  faultCount: { found: 0, lookedAt: 0 },
  unmet: undefined,
  hottest: undefined,
}
/** All draws at so many points. */
const at = (points: number): number[] => Array.from({ length: 10 }, (_, ten) => Number(points > 10 * ten))
const scored = (points: number) => ({ ...nothing, above: at(points) })
const demand = { name: 'the taxi', oilTemperature: null, shortened: undefined, claimFails: undefined }

describe('the word by itself (common practice, no published source; the rules are the method’s own)', () => {
  test.each([
    [15, 'never'],
    [20, 'never'],
    [21, 'pinch'],
    [50, 'pinch'],
    [51, 'sound'],
    [71, 'own'],
    [95, 'own'],
  ])('at %s points: %s', (points, word) => expect(proposeWord(scored(points))?.word).toBe(word))

  test('nothing known, nothing said', () => expect(proposeWord(nothing)).toBeUndefined())

  test('what does not fit is never, without a score', () => {
    const proposed = proposeWord({ ...nothing, misfits: ['its thread is M18 x 1.5'] })
    expect(proposed).toMatchObject({ word: 'never', certainty: 1 })
    expect(proposed?.grounds[0]).toContain('M18')
    expect(proposeWord({ ...scored(90), unmet: 'it has no bypass' })?.word).toBe('never')
  })

  test('a fault in the next unit more likely than not is never; else in a pinch, and asks for a look', () => {
    const rust = (found: number, lookedAt: number) =>
      proposeWord({ ...scored(80), faults: ['rust inside a new filter'], faultCount: { found, lookedAt } })
    expect(rust(1, 1)).toMatchObject({ word: 'never', certainty: 0.75 })
    expect(rust(2, 2)?.certainty).toBeCloseTo(2.5 / 3)
    expect(rust(1, 5)?.word).toBe('pinch')
    expect(rust(1, 5)?.certainty).toBeCloseTo(1 - 1.5 / 6)
    expect(rust(1, 5)?.condition).not.toBe('')
  })

  test('Jeffreys: one of one is three quarters, none of none a half', () => {
    expect(faultInNext({ found: 1, lookedAt: 1 })).toBe(0.75)
    expect(faultInNext({ found: 0, lookedAt: 0 })).toBe(0.5)
  })

  test('the certainty is the share of what may be that deserves the word or better', () => {
    const above = [1, 1, 0.97, 0.95, 0.9, 0.72, 0.6, 0.3, 0, 0]
    expect(proposeWord({ ...nothing, above })).toMatchObject({ word: 'sound', certainty: 0.72 })
    expect(formatProposedWord(proposeWord({ ...nothing, above })!)).toContain('72 % sure')
  })
})

describe('for a driver', () => {
  test('oil hotter than its rubber stands leaves it for a pinch', () => {
    const hot = { ...demand, oilTemperature: 420 }
    expect(proposeWord({ ...scored(80), hottest: 394 }, hot)?.word).toBe('pinch')
    expect(proposeWord({ ...scored(80), hottest: 480 }, hot)?.word).toBe('own')
    expect(proposeWord(scored(80), hot)?.word).toBe('own')
  })

  test('a claim that ends before the driver changes makes it sound at that interval', () => {
    const proposed = proposeWord(scored(80), { ...demand, shortened: '8,000 km' })
    expect(proposed).toMatchObject({ word: 'sound', condition: 'changed every 8,000 km' })
    expect(proposeWord(scored(30), { ...demand, shortened: '8,000 km' })?.word).toBe('pinch')
  })

  test('a claim that counts for nothing is said and changes nothing', () => {
    const proposed = proposeWord(scored(80), { ...demand, claimFails: 'it asks for full synthetic oil' })
    expect(proposed?.word).toBe('own')
    expect(proposed?.grounds.join(' ')).toContain('full synthetic')
  })
})

test('laws: better chances never give a worse word, and a certainty lies between 0 and 1', () => {
  const chances = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 10, maxLength: 10 })
  const falling = chances.map((all) => [...all].sort((a, b) => b - a))
  const rank = (word: string | undefined) => absoluteWords.findIndex(({ key }) => key === word)
  fc.assert(
    fc.property(falling, falling, (a, b) => {
      const better = a.map((share, ten) => Math.max(share, b[ten] ?? 0))
      const [one, other] = [a, better].map((above) => proposeWord({ ...nothing, above })!)
      expect(rank(other!.word)).toBeGreaterThanOrEqual(rank(one!.word))
      expect(one!.certainty).toBeGreaterThanOrEqual(0)
      expect(one!.certainty).toBeLessThanOrEqual(1)
    }),
  )
})
