import { describe, expect, test } from 'vitest'
import { characteristicOf, type OpeningsCharacteristic } from '#core/catalogue/index.ts'
import { countOpenings, formatOpenings } from './opening-groups.ts'
import { checkOpenings, parseOpenings } from './openings.ts'

const inlets = characteristicOf('plate.inlets') as OpeningsCharacteristic
const parse = (text: string, unit = 'mm') => parseOpenings(text, unit, inlets)
const problemOf = (text: string) => {
  const read = parse(text)
  if (read.ok) throw new Error(`"${text}" was taken`)
  return read.problem
}
const tenths = (text: string, unit = 'mm') => {
  const read = parse(text, unit)
  if (!read.ok) throw new Error(read.problem.message)
  return read.value.groups.map(({ count, width, length }) => [
    count,
    Number(((width ?? NaN) * 1000).toFixed(4)),
    ...(length === undefined ? [] : [Number((length * 1000).toFixed(4))]),
  ])
}

describe('groups as they are typed', () => {
  test.each([
    ['7 x 5.8,', [[7, 5.8]]],
    [
      '7x5.8;1x8.2',
      [
        [7, 5.8],
        [1, 8.2],
      ],
    ],
    [
      '7 x 5.8 + 1 x 8.2',
      [
        [7, 5.8],
        [1, 8.2],
      ],
    ],
    [
      '  7 x 5.8 \n 1 x 8.2  ',
      [
        [7, 5.8],
        [1, 8.2],
      ],
    ],
    ['6  x  4  x  9', [[6, 4, 9]]],
    ['6x9*4', [[6, 4, 9]]],
    ['6 × 4×9 mm', [[6, 4, 9]]],
    ['200 x 5.8', undefined],
  ])('%j', (text, groups) => {
    if (groups) expect(tenths(text)).toEqual(groups)
    else expect(parse(text).ok).toBe(false)
  })

  test('the unit of the last group holds for those that have none', () => {
    expect(tenths('7 x 5.8, 1 x 1/4 in')).toEqual([
      [7, 147.32],
      [1, 6.35],
    ])
    expect(tenths('7 x 5.8 mm, 1 x 1/4 in')).toEqual([
      [7, 5.8],
      [1, 6.35],
    ])
    expect(parse('7 x 5.8', 'in')).toMatchObject({ ok: true, value: { unit: 'in' } })
    expect(parse('7 x 0.2 in', 'mm')).toMatchObject({ ok: true, value: { unit: 'in' } })
  })
})

describe('what cannot be read', () => {
  test.each([
    ['', 'empty', 'Type the holes first, such as 7 x 5.8, 1 x 8.2.'],
    ['  ', 'empty', 'Type the holes first, such as 7 x 5.8, 1 x 8.2.'],
    ['9'.repeat(201), 'too-long', 'That is too long for a list of holes. Put remarks into the note.'],
    [
      'a few',
      'not-a-group',
      '"a few" is no group of holes. Write count x diameter, such as 7 x 5.8; for slots count x width x length; ' +
        'without sizes 8 holes, all alike.',
    ],
    ['0 x 5.8', 'zero-count', '"0 x 5.8" has zero holes. Leave that group out.'],
    [
      '99 x 5.8',
      'too-many',
      `99 holes is more than I can believe here (at most ${inlets.most}). Did you swap count and size?`,
    ],
    ['7 x 0', 'zero', 'A hole has a size above zero.'],
    ['7 x -1', 'zero', 'A hole has a size above zero.'],
    ['7 x 1 x 2 x 3', 'not-a-group', '"7 x 1 x 2 x 3" has too many sizes: a hole has one, a slot two.'],
    ['7 x 5.8 g', 'wrong-kind', '"g" is no length. Try mm or in.'],
    ['7 x 5.8 cubit', 'wrong-kind', '"cubit" is no length. Try mm or in.'],
    ['7 x 5..8', 'not-a-number', '"5..8" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
  ])('%j: %s', (text, code, message) => {
    expect(problemOf(text)).toEqual({ code, message })
  })

  test('200 characters are not too many, as far as length goes', () => {
    expect(problemOf('9'.repeat(200)).code).toBe('too-many')
  })

  test.each(['mil', 'mils', 'MIL'])('7 x 250 %s: thou or millimetres?', (unit) => {
    expect(problemOf(`7 x 250 ${unit}`)).toEqual({
      code: 'ambiguous-unit',
      message: '"mil" is a thousandth of an inch to some and a millimetre to others. Thou or millimetres?',
      suggestions: [
        { text: '7 x 250 thou', label: 'thou' },
        { text: '7 x 250 mm', label: 'millimetres' },
      ],
    })
  })

  test('a comma with no space: both readings of each are offered', () => {
    expect(problemOf('7 x 6,1 x 8,2 x 9')).toEqual({
      code: 'ambiguous-comma',
      message: 'That comma can start a new group or be a decimal comma. Which one?',
      suggestions: ['7 x 6, 1 x 8, 2 x 9', '7 x 6.1 x 8.2 x 9'].map((text) => ({ text, label: text })),
    })
  })
})

describe('sizes that such openings have', () => {
  const [low, high] = inlets.plausible
  const check = (width: number, { insist = false, unit = 'mm' } = {}) =>
    checkOpenings(
      {
        unit,
        groups: [
          { count: 6, width: (low + high) / 2 },
          { count: 1, width },
        ],
      },
      inlets,
      insist,
    )
  const code = (...given: Parameters<typeof check>) => {
    const checked = check(...given)
    return checked.ok ? 'taken' : checked.problem.code
  }

  test('both ends are inside; one group outside is enough to ask', () => {
    expect([code(low), code(high), code(low * 0.99), code(high * 1.01)]).toEqual([
      'taken',
      'taken',
      'implausible',
      'implausible',
    ])
  })

  test('up to four times beyond, the word of the user is enough', () => {
    for (const width of [low / 3.9, high * 3.9]) {
      expect(code(width)).toBe('implausible')
      expect(code(width, { insist: true })).toBe('taken')
    }
    for (const width of [low / 4.1, high * 4.1]) {
      expect(code(width)).toBe('absurd')
      expect(code(width, { insist: true })).toBe('absurd')
    }
  })

  test('what is read in the wrong unit is offered in the right one, and the message says so', () => {
    const read = checkOpenings({ unit: 'in', groups: [{ count: 7, width: 5.8 * 0.0254 }] }, inlets, false)
    expect(read.ok ? undefined : read.problem.suggestions).toEqual([{ text: '7 × 5.800 mm', label: 'mm' }])
    expect(read.ok ? '' : read.problem.message).toMatch(
      /^5\.8 in is impossible for one of these openings: they run from [\d.]+ to [\d.]+ in\. Was it read in mm\?$/,
    )
  })

  test('where no unit would do none is offered', () => {
    const checked = check(high * 2)
    expect(checked.ok ? '' : checked.problem.message).toMatch(/ is unusual for one of these openings: .* mm\.$/)
    expect(checked.ok ? [] : checked.problem.suggestions).toBeUndefined()
  })
})

test('groups as they are said: millimetres with a tenth, other units with their own decimals', () => {
  const groups = [
    { count: 7, width: 0.0058 },
    { count: 2, width: 0.004, length: 0.009 },
  ]
  expect(formatOpenings(groups, 'mm')).toBe('7 × 5.8, 2 × 4.0 × 9.0 mm')
  expect(formatOpenings(groups, 'in')).toBe('7 × 0.228, 2 × 0.157 × 0.354 in')
  expect(formatOpenings(groups, 'mm', false)).toBe('7 × 5.8, 2 × 4.0 × 9.0')
  expect(countOpenings(groups)).toBe(9)
  expect(countOpenings([])).toBe(0)
})
