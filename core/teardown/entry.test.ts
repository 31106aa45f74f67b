import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { catalogue, characteristicOf, optionsOf, type CountCharacteristic } from '#core/catalogue/index.ts'
import { parseEntry, type EntryText } from './entry.ts'
import { formatOpenings } from './opening-groups.ts'

const read = (key: string, text: string, more: Partial<EntryText> = {}) =>
  parseEntry(characteristicOf(key), { text, ...more })
const value = (key: string, text: string, more: Partial<EntryText> = {}) => {
  const entry = read(key, text, more)
  if (!entry.ok) throw new Error(entry.problem.message)
  return entry.value
}
const code = (key: string, text: string, more: Partial<EntryText> = {}) => {
  const entry = read(key, text, more)
  return entry.ok ? 'taken' : entry.problem.code
}

describe('counts', () => {
  test('threads are counted to the half, pleats are whole', () => {
    expect(value('thread.turns', '4½').number).toBe(4.5)
    expect(value('thread.turns', '4 1/2 turns').number).toBe(4.5)
    expect(code('thread.turns', '4.3')).toBe('not-whole')
    expect(value('pleats.count', '52 pleats').number).toBe(52)
    expect(code('pleats.count', '52.5')).toBe('not-whole')
  })

  test.each([
    ['pleats.count', '0', 'zero'],
    ['pleats.count', '-3', 'negative'],
    ['pleats.count', '12', 'implausible'],
    ['pleats.count', '99999', 'absurd'],
    ['pleats.count', '52 mm', 'wrong-kind'],
    ['pleats.count', 'many', 'not-a-number'],
  ])('%s %s: %s', (key, text, expected) => {
    expect(code(key, text)).toBe(expected)
  })

  test("an unusual count is taken on the user's word", () => {
    expect(value('pleats.count', '12', { insist: true }).number).toBe(12)
  })
})

describe('counts in words', () => {
  const problemOf = (key: string, text: string, more: Partial<EntryText> = {}) => {
    const entry = read(key, text, more)
    return entry.ok ? undefined : entry.problem
  }

  test.each([
    ['pleats.count', '52 mm', 'wrong-kind', 'Pleat count is a plain count. Leave "mm" away.'],
    ['pleats.count', '52mm', 'wrong-kind', 'Pleat count is a plain count. Leave "mm" away.'],
    ['pleats.count', '52 cubit', 'wrong-kind', 'Pleat count is a plain count. Leave "cubit" away.'],
    ['thread.turns', '4½ in', 'wrong-kind', 'Full threads is a plain count. Leave "in" away.'],
    ['pleats.count', '', 'empty', 'Type a number first.'],
    ['pleats.count', '-3', 'negative', 'Pleat count cannot be below zero.'],
    ['pleats.count', '0', 'zero', 'Zero pleats? Leave it open if they cannot be counted.'],
    ['pleats.count', '52.5', 'not-whole', 'Pleat count is a whole number.'],
    ['thread.turns', '4.3', 'not-whole', 'Full threads is counted to the half: 4, 4½, 5.'],
  ] as const)('%s "%s": %s', (key, text, expected, message) => {
    expect(problemOf(key, text)).toEqual({ code: expected, message })
  })

  test('both ends of the range are inside it; four times beyond no word is enough', () => {
    const { plausible } = characteristicOf('pleats.count') as CountCharacteristic
    const [low, high] = plausible
    expect([low, high].map((count) => code('pleats.count', String(count)))).toEqual(['taken', 'taken'])
    expect(code('pleats.count', String(high + 1))).toBe('implausible')
    expect(code('pleats.count', String(high * 4), { insist: true })).toBe('taken')
    expect(code('pleats.count', String(high * 4 + 1), { insist: true })).toBe('absurd')
    expect(problemOf('pleats.count', String(high + 1))?.message).toBe(
      `${high + 1} pleats is unusual: most have ${low} to ${high}. Count again, or keep it.`,
    )
    expect(problemOf('pleats.count', String(high * 4 + 1))?.message).toBe(
      `${high * 4 + 1} pleats cannot be: filters have ${low} to ${high}.`,
    )
  })

  test('words before or behind a number are no unit of it', () => {
    expect(code('pleats.count', 'about 52 mm')).toBe('not-a-number')
    expect(code('pleats.count', '52 mm or so')).toBe('not-a-number')
  })
})

describe('hole groups', () => {
  test.each([
    [
      '7 x 5.8, 1 x 8.2',
      [
        { count: 7, width: 0.0058 },
        { count: 1, width: 0.0082 },
      ],
    ],
    [
      '5 × 6.0, 1 × 8.2 mm',
      [
        { count: 5, width: 0.006 },
        { count: 1, width: 0.0082 },
      ],
    ],
    [
      '6x5,8; 1x8,2',
      [
        { count: 6, width: 0.0058 },
        { count: 1, width: 0.0082 },
      ],
    ],
    ['8 of 0.227 in', [{ count: 8, width: 0.0057658 }]],
    ['6 x 4 x 9 mm', [{ count: 6, width: 0.004, length: 0.009 }]],
    [
      '6 x 9 x 4 mm and 2 x 5',
      [
        { count: 6, width: 0.004, length: 0.009 },
        { count: 2, width: 0.005 },
      ],
    ],
    ['8 x 1/4"', [{ count: 8, width: 0.00635 }]],
  ])('reads %s', (text, groups) => {
    const got = value('plate.inlets', text).groups!
    expect(got).toHaveLength(groups.length)
    got.forEach((one, index) => {
      expect(one.count).toBe(groups[index]!.count)
      expect(one.width).toBeCloseTo(groups[index]!.width, 9)
      expect(one.length ?? 0).toBeCloseTo((groups[index] as { length?: number }).length ?? 0, 9)
    })
  })

  test.each([
    ['0 x 5.8', 'zero-count'],
    ['7 x 0', 'zero'],
    ['seven of them', 'not-a-group'],
    ['a few holes', 'not-a-group'],
    ['7 x 5.8 x 2 x 2', 'not-a-group'],
    ['7 x 5.8 g', 'wrong-kind'],
    ['400 x 5.8', 'too-many'],
    ['7 x 250 mil', 'ambiguous-unit'],
    ['7 x 900 mm', 'absurd'],
    ['', 'empty'],
    ['x'.repeat(300), 'too-long'],
  ])('%j: %s', (text, expected) => {
    expect(code('plate.inlets', text)).toBe(expected)
  })

  test('a comma with no space is asked about, and both answers can be taken', () => {
    const entry = read('plate.inlets', '7 x 6,1 x 8')
    expect(entry.ok ? [] : entry.problem.suggestions?.map(({ text }) => text)).toEqual(['7 x 6, 1 x 8', '7 x 6.1 x 8'])
  })

  test('read in inches by mistake, millimetres are offered', () => {
    const entry = read('plate.inlets', '7 x 5.8', { unit: 'in' })
    expect(entry.ok ? [] : entry.problem.suggestions?.map(({ label }) => label)).toEqual(['mm'])
    const offered = entry.ok ? '' : entry.problem.suggestions![0]!.text
    expect(value('plate.inlets', offered, { unit: 'in' }).groups?.[0]?.width).toBeCloseTo(0.0058, 6)
  })

  test('what is shown reads back as the same groups', () => {
    const group = fc.record({
      count: fc.integer({ min: 1, max: 40 }),
      width: fc.integer({ min: 20, max: 190 }).map((tenths) => tenths / 10_000),
    })
    fc.assert(
      fc.property(fc.array(group, { minLength: 1, maxLength: 4 }), (groups) => {
        const again = value('plate.inlets', formatOpenings(groups, 'mm')).groups!
        expect(again.map(({ count, width }) => [count, width?.toFixed(6)])).toEqual(
          groups.map(({ count, width }) => [count, width.toFixed(6)]),
        )
      }),
    )
  })
})

describe('answers, grades, words', () => {
  test('an answer by value or label, a grade by its step', () => {
    expect(value('adbv.material', 'silicone').text).toBe('silicone')
    expect(value('gasket.material', 'HNBR').text).toBe('hnbr')
    expect(value('glue.grade', '3').number).toBe(3)
    expect(code('glue.grade', '7')).toBe('no-option')
    expect(code('adbv.material', 'cheese')).toBe('no-option')
  })

  test('words are kept as they are, and 10,000 characters are too many', () => {
    expect(value('box.datecode', ' <script>alert(1)</script> ').text).toBe('<script>alert(1)</script>')
    expect(code('box.datecode', 'x'.repeat(10_000))).toBe('too-long')
  })

  test('what is no answer is refused in words, with how many there are', () => {
    const problemOf = (key: string, text: string) => {
      const entry = read(key, text)
      return entry.ok ? undefined : entry.problem
    }
    const { length } = optionsOf(characteristicOf('adbv.material'))
    expect(problemOf('adbv.material', '  ')).toEqual({ code: 'no-option', message: 'Choose one first.' })
    expect(problemOf('adbv.material', 'Cheese')).toEqual({
      code: 'no-option',
      message: `"cheese" is none of the answers. Choose one of the ${length}.`,
    })
    expect(problemOf('box.datecode', '  ')).toEqual({ code: 'empty', message: 'Type something first, or skip it.' })
    expect(problemOf('box.datecode', 'x'.repeat(401))).toEqual({
      code: 'too-long',
      message: 'That is 401 characters; 400 fit here. Put the rest into a note.',
    })
    expect(code('box.datecode', 'x'.repeat(400))).toBe('taken')
  })

  test('an answer is found by its label in any case, with blanks around it', () => {
    for (const { value: option, label } of optionsOf(characteristicOf('media.type')))
      expect(value('media.type', ` ${label.toUpperCase()} `).text).toBe(option)
  })

  test('a thread is kept as its designation', () => {
    expect(value('thread.designation', 'm20x1,5')).toEqual({ text: 'M20 x 1.5' })
    expect(code('thread.designation', 'M20')).toBe('pitch-missing')
  })

  test('a quantity keeps the unit it was read in, the one beside the field when it names none', () => {
    expect(value('can.wall', '20 thou', { unit: 'mm' })).toEqual({ number: 0.000508, unit: 'thou' })
    expect(value('can.wall', '0.02', { unit: 'in' })).toEqual({ number: 0.000508, unit: 'in' })
    expect(value('can.wall', '0.5')).toEqual({ number: 0.0005, unit: 'mm' })
    expect(value('plate.inlets', '7 x 0.2', { unit: 'in' }).unit).toBe('in')
    expect(value('plate.inlets', '7 x 5.8').unit).toBe('mm')
  })

  test('zero can be buried, but no width can be zero', () => {
    expect(value('media.buried', '0').number).toBe(0)
    expect(code('media.width', '0')).toBe('zero')
  })
})

test('whatever is typed for whatever is asked, it is taken or refused with a message', () => {
  const any = fc.constantFrom(...catalogue)
  const typed = fc.oneof(
    fc.string({ maxLength: 60 }),
    fc.stringMatching(/^[0-9 .,/x½+-]{0,12}(mm|in|thou|mil|g|oz|psi)?$/),
  )
  fc.assert(
    fc.property(any, typed, fc.boolean(), (characteristic, text, insist) => {
      const entry = parseEntry(characteristic, { text, insist })
      if (!entry.ok) expect(entry.problem.message.length).toBeGreaterThan(5)
      const number = entry.ok ? entry.value.number : undefined
      if (number !== undefined)
        expect(
          Number.isFinite(number) &&
            (number > 0 || characteristic.kind === 'grade' || characteristic.key === 'media.buried'),
        ).toBe(true)
    }),
    { numRuns: 1000 },
  )
})

test('every answer of every list is taken', () => {
  for (const characteristic of catalogue)
    for (const { value: option } of optionsOf(characteristic))
      expect(parseEntry(characteristic, { text: option }).ok).toBe(true)
})
