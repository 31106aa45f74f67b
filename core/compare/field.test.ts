import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { weightsSoFar } from '#core/teardown/weights.ts'
import { remarkOn } from './field.ts'

describe('the field beside a reading', () => {
  const library = [0.4, 0.41, 0.45, 0.5, 0.52]
  test.each([
    [0.53, 'The highest in the whole library.'],
    [0.39, 'The lowest in the whole library.'],
    [5.3, 'The highest in the whole library by far: read it again.'],
    [0.46, undefined],
  ])('%f', (mine, remark) => {
    expect(remarkOn(mine, [], library)).toBe(remark)
  })

  test('a rival with the same value is named, a crowd of them is not', () => {
    const rival = (name: string) => ({ name, value: 0.46 })
    expect(remarkOn(0.46, [rival('Norrith N-40 A')], library)).toBe('The same as Norrith N-40 A.')
    expect(remarkOn(0.46, [rival('a'), rival('b'), rival('c')], library)).toBeUndefined()
    expect(remarkOn(0.46, [], [0.1, 0.2])).toBeUndefined()
  })
})

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
  const so = (typed: Parameters<typeof readings>[0]) => weightsSoFar('spin-on', resolve(readings(typed)))

  test('5 g are left for gasket and valve; with both weighed it is sound', () => {
    expect(so(trade)).toMatchObject({
      verdict: 'in hand',
      open: ['adbv.weight', 'gasket.weight'],
      says: '5.0 g still to weigh of 372.0 g.',
    })
    expect(so({ ...trade, 'adbv.weight': '2.4 g', 'gasket.weight': '2.4 g' })).toMatchObject({
      verdict: 'sound',
      says: 'Sound: 0.2 g left over.',
    })
  })

  test('more than the whole is impossible, much left over is unweighed, no whole is to weigh', () => {
    expect(so({ ...trade, 'can.weight': '122 g' }).verdict).toBe('impossible')
    expect(so({ ...trade, 'plate.weight': '130 g', 'adbv.weight': '2.4 g', 'gasket.weight': '2.4 g' }).verdict).toBe(
      'unweighed',
    )
    expect(so({ 'plate.weight': '160 g' }).verdict).toBe('to weigh')
  })
})
