import { describe, expect, test } from 'vitest'
import { remarkOnValue } from './distribution.ts'

describe('the field beside a reading', () => {
  const library = [0.4, 0.41, 0.45, 0.5, 0.52]
  test.each([
    [0.53, 'The highest in the whole library.'],
    [0.39, 'The lowest in the whole library.'],
    [5.3, 'The highest in the whole library by far: read it again.'],
    [0.46, undefined],
  ])('%f', (mine, remark) => {
    expect(remarkOnValue(mine, [], library)).toBe(remark)
  })

  test('a rival with the same value is named, a crowd of them is not', () => {
    const rival = (name: string) => ({ name, value: 0.46 })
    expect(remarkOnValue(0.46, [rival('Norrith N-40 A')], library)).toBe('The same as Norrith N-40 A.')
    expect(remarkOnValue(0.46, [rival('a'), rival('b'), rival('c')], library)).toBeUndefined()
    expect(remarkOnValue(0.46, [], [0.1, 0.2])).toBeUndefined()
  })
})
