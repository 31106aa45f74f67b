import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { catalogue, characteristicOf, optionsOf } from '#core/catalogue/index.ts'
import { remarkOnAnswer } from './distribution.ts'
import { filtersFor, occurrence, type LibraryOccurrences } from './occurrence.ts'

const none: LibraryOccurrences = { answers: [], numbers: [] }
const wall = characteristicOf('can.wall')

describe('how usual a value is', () => {
  test('answers of a library and three stated filters: frequencies that come to one', () => {
    for (const characteristic of catalogue.filter(({ kind }) => kind === 'choice')) {
      const options = optionsOf(characteristic)
      const answers = options.flatMap(({ value }, at) => Array<string>(at).fill(value))
      const sum = options.reduce(
        (all, { value }) => all + (occurrence(characteristic, value, { ...none, answers }) ?? 0),
        0,
      )
      expect(sum, characteristic.key).toBeCloseTo(1, 12)
    }
  })

  test('faults are seldom before any is seen, and as often as seen later', () => {
    const rust = characteristicOf('inside.rust')
    expect(occurrence(rust, 'serious', none)).toBeCloseTo(0.005, 12)
    expect(occurrence(rust, 'serious', { ...none, answers: Array<string>(97).fill('serious') })).toBeGreaterThan(0.97)
    expect(filtersFor({ answer: 'none', share: 0.962 }, ['none', 'slight', 'none'])).toBeCloseTo(2 + 3 * 0.962, 12)
  })

  test('grades and counts come to one over all that they can be', () => {
    const [glue, pleats] = ['glue.grade', 'pleats.count'].map(characteristicOf)
    if (glue?.kind !== 'grade' || pleats?.kind !== 'count') throw new Error('The catalogue has changed')
    const numbers = [3, 3, 2]
    const grades = glue.anchors.map((_, grade) => occurrence(glue, grade, { ...none, numbers }) ?? 0)
    expect(grades.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 12)
    expect(grades[3]).toBeCloseTo((3 / glue.anchors.length + 2) / 6, 12)
    const [low, high] = pleats.plausible
    let all = 0
    for (let count = low; count <= high; count += pleats.step)
      all += occurrence(pleats, count, { ...none, numbers: [low, high] })!
    expect(all).toBeCloseTo(1, 9)
  })

  test('the density of a size comes to one, wherever the library lies', () => {
    const size = fc.double({ min: 0.3e-3, max: 0.8e-3, noNaN: true })
    fc.assert(
      fc.property(fc.array(size, { maxLength: 12 }), (numbers) => {
        let area = 0
        const step = 5e-7
        for (let at = -1e-3; at < 2e-3; at += step) area += occurrence(wall, at, { ...none, numbers })! * step
        expect(area).toBeCloseTo(1, 1)
      }),
      { numRuns: 20 },
    )
  })

  test('a size near those of the library is likelier than one far off, which is never impossible', () => {
    const numbers = [0.00045, 0.00046, 0.00047, 0.00046]
    const near = occurrence(wall, 0.00046, { ...none, numbers })!
    const far = occurrence(wall, 0.0007, { ...none, numbers })!
    expect(near / far).toBeGreaterThan(20)
    expect(far).toBeGreaterThan(0)
    expect(occurrence(wall, 0.00046, { ...none, numbers: [0.00046, 0.00046] })!).toBeGreaterThan(near / 2)
  })

  test('what has neither says so', () => {
    expect(occurrence(characteristicOf('adbv.material'), 'cheese', none)).toBeUndefined()
    expect(occurrence(characteristicOf('plate.inlets'), 8, none)).toBeUndefined()
  })
})

describe('a remark on an answer', () => {
  const material = characteristicOf('adbv.material')
  test('only where the library tells, and the answer is seldom', () => {
    expect(remarkOnAnswer(material, 'nitrile', Array<string>(4).fill('silicone'))).toBeUndefined()
    expect(remarkOnAnswer(material, 'nitrile', Array<string>(30).fill('silicone'))).toMatch(
      /^Seldom: about one in \d+ has/,
    )
    expect(remarkOnAnswer(material, 'silicone', Array<string>(30).fill('silicone'))).toBeUndefined()
    expect(remarkOnAnswer(characteristicOf('inside.rust'), 'serious', Array<string>(30).fill('none'))).toBeUndefined()
  })
})
