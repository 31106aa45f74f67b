import { describe, expect, test } from 'vitest'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'
import { weightsSoFar } from './weights.ts'

describe('weights that add up', () => {
  // Common practice, no published source: whole 372 g; plate 160, element 105, valve-spring 10, can 92.
  const trade = {
    'whole.weight': '372 g',
    'plate.weight': '160 g',
    'element.weight': '105 g',
    'spring.type': 'combination',
    'spring.weight': '10 g',
    'can.weight': '92 g',
    'bypass.place': 'dome',
  }
  const weighed = (typed: Parameters<typeof readings>[0]) => weightsSoFar('spin-on', resolve(readings(typed)))

  test('5 g are left for gasket and valve; with both weighed it is sound', () => {
    expect(weighed(trade)).toMatchObject({
      state: 'in hand',
      open: ['adbv.weight', 'gasket.weight'],
      message: '5.0 g still to weigh of 372.0 g.',
    })
    expect(weighed({ ...trade, 'adbv.weight': '2.4 g', 'gasket.weight': '2.4 g' })).toMatchObject({
      state: 'sound',
      message: 'Sound: 0.2 g left over.',
    })
  })

  test('more than the whole is impossible, much left over is unweighed, no whole is to weigh', () => {
    expect(weighed({ ...trade, 'can.weight': '122 g' }).state).toBe('impossible')
    expect(weighed({ ...trade, 'plate.weight': '130 g', 'adbv.weight': '2.4 g', 'gasket.weight': '2.4 g' }).state).toBe(
      'unweighed',
    )
    expect(weighed({ 'plate.weight': '160 g' }).state).toBe('to weigh')
  })

  test('what is left over all parts names the weights to look at first', () =>
    expect(
      weighed({ ...trade, 'plate.weight': '86 g', 'adbv.weight': '2.4 g', 'gasket.weight': '2.4 g' }).message,
    ).toMatch(/^74\.2 g are in none of the parts: look at base plate and .+ first\.$/))

  test('a part that the filter has not is not waited for', () => {
    expect(weighed({ ...trade, 'bypass.place': 'none' }).open).not.toContain('bypass.weight')
    expect(weighed({ ...trade, 'spring.type': 'none' }).open).not.toContain('spring.weight')
  })

  test('a gram over is put down to the scale, more is not', () => {
    const whole = { ...trade, 'adbv.weight': '2.5 g', 'gasket.weight': '2.5 g' }
    expect(weighed({ ...whole, 'whole.weight': '371.5 g' }).state).toBe('sound')
    expect(weighed({ ...whole, 'whole.weight': '370.9 g' }).state).toBe('impossible')
  })
})
