import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { promisableFor, promiseIn, promiseOutcome, readPromise } from './promise.ts'

const specimen = (typed: Parameters<typeof readings>[0]) => resolve(readings(typed))
const silicone = { characteristic: 'adbv.material', answer: 'silicone' }

describe('what a box promises about a part (common practice, no published source)', () => {
  test('is kept, broken or not checked, by what was seen in the specimens', () => {
    expect(promiseOutcome(silicone, [specimen({ 'adbv.material': 'silicone' })])).toEqual({
      state: 'kept',
      kept: 1,
      lookedAt: 1,
    })
    expect(
      promiseOutcome(silicone, [specimen({ 'adbv.material': 'silicone' }), specimen({ 'adbv.material': 'nitrile' })]),
    ).toEqual({ state: 'broken', kept: 1, lookedAt: 2 })
    expect(promiseOutcome(silicone, [specimen({}), specimen({})]).state).toBe('not-checked')
  })

  test('is not checked by what was told or guessed', () => {
    const told = resolve(
      readings({ 'adbv.material': 'nitrile' }).map((one) => ({ ...one, evidence: 'claimed' as const })),
    )
    expect(promiseOutcome(silicone, [told]).state).toBe('not-checked')
  })

  test('of an amount is kept within the doubt of both', () => {
    const wall = { characteristic: 'can.wall', answer: '0.50 mm' }
    expect(promiseOutcome(wall, [specimen({ 'can.wall': '0.50 mm' })]).state).toBe('kept')
    expect(promiseOutcome(wall, [specimen({ 'can.wall': '0.38 mm' })]).state).toBe('broken')
  })

  test.each([
    ['Silicone anti-drain-back valve', silicone],
    ['silicone anti-drainback valve.', silicone],
    ['Steel end caps', { characteristic: 'caps.material', answer: 'steel' }],
    ['The best there is', undefined],
    ['silicone', undefined],
  ])('is found in words: %s', (words, promise) => {
    expect(promiseIn(words, 'spin-on')).toEqual(promise)
  })

  test('an answer that there is not is refused in words', () => {
    expect(readPromise('adbv.material', 'cheese')).toMatchObject({ ok: false })
    expect(readPromise('box.suffix', 'A')).toMatchObject({ ok: false })
    expect(readPromise('can.wall', '0.5 mm')).toEqual({
      ok: true,
      value: { characteristic: 'can.wall', answer: '0.5 mm' },
    })
    expect(promisableFor('cartridge').some(({ key }) => key === 'can.wall')).toBe(false)
  })
})
