import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { canBeRecorded, lackingAfter, passedSteps } from './passed-steps.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

describe('points of no return that were passed', () => {
  test('nothing is passed of a filter that is whole', () => {
    expect(passedSteps('spin-on', [], ['box.suffix', 'whole.weight'])).toEqual([])
  })

  test('what was read of the media says that all before it is passed, noted or not', () => {
    expect(passedSteps('spin-on', ['cut'], ['media.length'])).toEqual(['cut', 'apart', 'unfold'])
    expect(passedSteps('cartridge', [], ['media.length'])).toEqual(['apart', 'unfold'])
  })

  test('a later point that was noted counts for the earlier ones', () => {
    expect(passedSteps('spin-on', ['wrap'], [])).toEqual(['cut', 'apart', 'unfold', 'wrap'])
  })

  test('the whole weight is gone with the cut, the can wall is not', () => {
    const after = passedSteps('spin-on', ['cut'], [])
    expect(canBeRecorded(characteristicOf('whole.weight'), after)).toBe(false)
    expect(canBeRecorded(characteristicOf('can.wall'), after)).toBe(true)
    expect(canBeRecorded(characteristicOf('can.wall'), ['cut', 'apart', 'unfold', 'wrap'])).toBe(false)
  })
})

// Plate, caps and tube stay whole on the table: common practice, no published source.
test('what a specimen lacks is lost for good, or can be had as long as its parts are kept', () => {
  const known = resolve(readings({ 'can.height': '86 mm' }))
  const { lost, kept } = lackingAfter('spin-on', known, ['cut', 'apart', 'unfold'])
  for (const key of ['whole.weight', 'element.od', 'pleats.count']) expect(lost).toContain(key)
  for (const key of ['thread.designation', 'plate.inlets', 'gasket.thickness', 'plate.thickness', 'caps.material'])
    expect(kept).toContain(key)
  expect([...lost, ...kept]).not.toContain('can.height')
  expect(lackingAfter('spin-on', known, []).lost).toEqual([])
})
