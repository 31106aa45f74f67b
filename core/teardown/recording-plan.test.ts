import { describe, expect, test } from 'vitest'
import { catalogueFor, characteristicOf } from '#core/catalogue/index.ts'
import { isRequested, planFromRecorded } from './recording-plan.ts'
import { completeness, missingBefore, nextOpen, progress } from './progress.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

const noBypass = resolve(readings({ 'bypass.place': 'none' }))

describe('what to record of one specimen', () => {
  test('what does not apply can be called back, and counts again', () => {
    const weight = characteristicOf('bypass.weight')
    expect(isRequested(weight, noBypass, {})).toBe(false)
    expect(isRequested(weight, noBypass, { 'bypass.weight': true })).toBe(true)
    const of = (plan: Record<string, boolean>) =>
      progress('spin-on', noBypass, plan).find(({ key }) => key === 'parts')!.of
    expect(of({ 'bypass.weight': true })).toBe(of({}) + 1)
  })

  test('an extra that is asked for comes up in its turn and is missed at the point of no return', () => {
    const plan = { 'bypass.push': true }
    expect(nextOpen('spin-on', new Map(), 'bypass.seal', plan)?.key).toBe('bypass.push')
    expect(missingBefore('wrap', 'spin-on', new Map(), plan).lost).toContain('bypass.push')
    expect(missingBefore('wrap', 'spin-on', new Map()).lost).not.toContain('bypass.push')
  })

  test('what is left out is not missed', () => {
    expect(missingBefore('cut', 'spin-on', new Map(), { 'whole.weight': false }).lost).not.toContain('whole.weight')
  })

  test('the plan of another specimen asks for exactly what was recorded there', () => {
    const recorded = new Set(['whole.weight', 'can.wall', 'bypass.push'])
    const plan = planFromRecorded('spin-on', recorded)
    const asked = catalogueFor('spin-on').filter((c) => isRequested(c, new Map(), plan))
    expect(new Set(asked.map(({ key }) => key))).toEqual(recorded)
    expect(
      completeness(
        'spin-on',
        resolve(readings({ 'whole.weight': '300 g', 'can.wall': '0.5 mm', 'bypass.push': '1200 g' })),
        plan,
      ),
    ).toBe(1)
  })
})
