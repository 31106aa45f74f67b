import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { parseEntry } from './entry.ts'
import { splitEntry } from './split-entry.ts'

const split = (key: string, text: string): string[] | undefined =>
  splitEntry(characteristicOf(key), text)?.map(({ characteristic, text: own }) => `${characteristic.key}=${own}`)

describe('two readings in one breath (common practice, no published source)', () => {
  test.each([
    ['media.length', '39½ by 4¼', ['media.length=39 1/2 in', 'media.width=4 1/4 in']],
    [
      'media.length',
      '41 and a half by five and an eighth, work it out',
      ['media.length=41 1/2 in', 'media.width=5 1/8 in'],
    ],
    ['media.width', '1.2 m x 78 mm', ['media.length=1.2 m', 'media.width=78 mm']],
    ['media.length', '45.5 x 3.11 in', ['media.length=45.5 in', 'media.width=3.11 in']],
    ['media.length', '1180 × 79', ['media.length=1180 mm', 'media.width=79 mm']],
    ['media.weight', '24 with its mesh', ['media.weight=24', 'media.with=mesh']],
    ['media.weight', '31 g including the glue', ['media.weight=31 g', 'media.with=glue']],
    ['media.width', '3.14 in between the caps', ['media.width=3.14 in', 'media.how=between']],
    ['media.width', '82 mm as cut', ['media.width=82 mm', 'media.how=strip']],
    ['adbv.hottest', 'minus 60 up to, I think, 350 or 400', ['adbv.coldest=-60 °F', 'adbv.hottest=350 or 400']],
    ['gasket.coldest', '-40 to 230 °C', ['gasket.coldest=-40 °C', 'gasket.hottest=230 °c']],
  ])('%s: %s', (key, said, parts) => {
    expect(split(key, said)).toEqual(parts)
  })

  test.each([
    ['media.length', '39½'],
    ['media.length', '39 by eye'],
    ['can.height', '3 by 4'],
    ['media.weight', '24'],
    ['media.weight', '24 with luck'],
    ['adbv.hottest', '200 °C'],
    ['gasket.hottest', '230 to 240 furlongs'],
  ])('%s: %s is one thing', (key, said) => {
    expect(split(key, said)).toBeUndefined()
  })

  test('minus 60 is in the unit of the hot end', () => {
    const [cold] = splitEntry(characteristicOf('adbv.hottest'), 'minus 60 to 400') ?? []
    const entry = cold && parseEntry(cold.characteristic, { text: cold.text })
    // -60 °F is 222.04 K: (−60 + 459.67) × 5/9.
    expect(entry?.ok && entry.value.number).toBeCloseTo(222.04, 2)
  })
})
