import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { canBeRecorded, passedSteps } from './passed-steps.ts'

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
