import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, test } from 'vitest'
import { catalogue, characteristicOf, evidenceKeys, optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { endsOf } from '#core/teardown/end.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { formatCsv } from './csv.ts'
import {
  missingColumns,
  parseReadingRow,
  pathKey,
  readingActKey,
  readingColumns,
  readingRow,
  type SpecimenPath,
} from './readings-csv.ts'

const path: SpecimenPath = {
  application: 'Skerry 1.1 D',
  brand: 'Corvane',
  partNumber: 'CV-214',
  revision: '',
  form: 'spin-on',
  specimen: 'A',
}
const [wall] = readings({ 'can.wall': '20 thou' })
if (!wall) throw new Error('No reading was made')

/** A row as a reader of the file finds it. */
const throughFile = (row: Record<string, string>): unknown => {
  const text = formatCsv([[...readingColumns], readingColumns.map((column) => row[column] ?? '')])
  return Papa.parse(text, { header: true, skipEmptyLines: true }).data[0]
}

describe('readings as tidy CSV', () => {
  test('a spiral-seamed tube of a former file is a seam', () => {
    const row = { ...readingRow(path, wall, ''), characteristic: 'core.type', 'as typed': 'spiral', value: 'spiral' }
    const parsed = parseReadingRow({ ...row, 'SI unit': '', 'read in': '', evidence: 'observed', 'give or take': '' })
    expect(parsed).toMatchObject({ ok: true, value: { characteristic: 'core.seam', valueText: 'spiral' } })
  })

  test('a row says it all, with the value in SI, what was typed and the instrument by its name', () => {
    const zeroed: Reading = {
      ...wall,
      zeroOffset: 0.00002,
      voided: { at: '2026-02-01T10:00:00.000Z', reason: 'read on the bead' },
    }
    expect(readingRow(path, zeroed, 'Slide caliper')).toMatchObject({
      brand: 'Corvane',
      characteristic: 'can.wall',
      'as typed': '20 thou',
      value: '0.000508',
      'SI unit': 'm',
      instrument: 'Slide caliper',
      evidence: 'measured',
      'read in': 'thou',
      'zero offset': '0.00002',
      struck: '2026-02-01T10:00:00.000Z',
      'struck because': 'read on the bead',
    })
  })

  test.each([
    ['value', '', '"value" is empty.'],
    ['value', 'thick', 'is not a number'],
    ['value', '-1', 'cannot be below zero'],
    ['value', '12', 'cannot be a can wall'],
    ['SI unit', 'mm', 'is in m, not in "mm"'],
    ['read in', 'cubit', 'Can wall is not read in "cubit"'],
    ['characteristic', 'can.paint', 'There is no characteristic "can.paint"'],
    ['characteristic', 'oring.lie', 'A spin-on filter has no o-rings rucked'],
    ['form', 'barrel', '"form" is spin-on or cartridge'],
    ['evidence', 'guessed', '"evidence" is measured'],
    ['time', 'yesterday', '"time" is no UTC time'],
    ['struck', 'yes', '"struck" is empty or the UTC time'],
    ['struck because', 'a slip', 'It says why it was struck, but not when.'],
    ['zero offset', 'little', '"zero offset" is no number.'],
    ['brand', 'x'.repeat(81), 'longer than 80'],
  ])('a row with %s "%s" is refused in words', (column, value, message) => {
    const parsed = parseReadingRow({ ...readingRow(path, wall, ''), [column]: value })
    expect(parsed.ok ? '' : parsed.problem.message).toContain(message)
  })

  test('a row that is anything at all is taken or refused, and never throws', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom(...readingColumns), fc.string()), (row) => {
        const parsed = parseReadingRow({ ...readingRow(path, wall, ''), ...row })
        if (parsed.ok) expect(isKnown(parsed.value.characteristic)).toBe(true)
        else expect(parsed.problem.message).toMatch(/[.?]$/)
      }),
    )
  })

  test('names the columns that a file lacks', () => {
    expect(missingColumns(readingColumns.filter((column) => column !== 'evidence' && column !== 'source'))).toEqual([
      'evidence',
    ])
  })

  test('a value with an exponent is read, though nobody types one', () => {
    const parsed = parseReadingRow({ ...readingRow(path, wall, ''), value: '5.08e-4' })
    expect(parsed.ok && parsed.value.valueNumber).toBe(0.000508)
    expect(parseEntry(characteristicOf('can.wall'), { text: '5.08e-4 m' }).ok).toBe(false)
  })

  test('the same act is known again by what it is of, when and what was typed', () => {
    expect(readingActKey(wall)).toBe(readingActKey({ ...wall, recordedAt: '2026-01-01T00:00:00Z' }))
    expect(readingActKey(wall)).not.toBe(readingActKey({ ...wall, rawInput: '21 thou' }))
    expect(pathKey({ ...path, brand: 'CORVANE' })).toBe(pathKey(path))
  })
})

const isKnown = (key: string): boolean => catalogue.some((characteristic) => characteristic.key === key)

/** What could be kept of a characteristic: the value, by its kind. */
function valueOf(
  c: Characteristic,
): fc.Arbitrary<Pick<Reading, 'valueNumber' | 'valueHalf' | 'valueText' | 'valueGroups'>> {
  const none = { valueNumber: null, valueHalf: null, valueText: null, valueGroups: null }
  const share = fc.double({ min: 0, max: 1, noNaN: true })
  switch (c.kind) {
    case 'quantity':
      return fc.tuple(share, fc.boolean()).map(([at, isRough]) => {
        const valueNumber = c.typical[0] + at * (c.typical[1] - c.typical[0])
        return { ...none, valueNumber, valueHalf: isRough ? valueNumber / 30 : null }
      })
    case 'count': {
      // Full threads are counted in halves; what else is counted comes whole.
      const whole = fc.integer({ min: Math.ceil(c.typical[0]), max: Math.floor(c.typical[1]) })
      return fc
        .tuple(whole, fc.boolean())
        .map(([valueNumber, isRough]) =>
          isRough ? { ...none, valueNumber: valueNumber + 0.25, valueHalf: 2.5 } : { ...none, valueNumber },
        )
    }
    case 'grade':
      return fc.nat(c.anchors.length - 1).map((valueNumber) => ({ ...none, valueNumber }))
    case 'openings': {
      const size = fc.integer({ min: 30, max: 120 }).map((tenths) => Number((tenths / 1e4).toPrecision(6)))
      const count = fc.integer({ min: 1, max: 12 })
      // The longer side of a slot is its length, however it was typed.
      const slot = fc
        .tuple(count, size, size)
        .map(([those, a, b]) => ({ count: those, width: Math.min(a, b), length: Math.max(a, b) }))
      const round = fc.record({ count, width: size })
      const groups = fc.array(fc.oneof(round, slot), { minLength: 1, maxLength: 3 })
      return groups.map((valueGroups) => ({ ...none, valueGroups }))
    }
    case 'thread':
      return fc.constantFrom('M20 x 1.5', '3/4-16 UNF').map((valueText) => ({ ...none, valueText }))
    case 'text':
      return line(200).map((valueText) => ({ ...none, valueText }))
    default:
      return fc.constantFrom(...optionsOf(c).map(({ value }) => value)).map((valueText) => ({ ...none, valueText }))
  }
}

const line = (most: number) =>
  fc
    .oneof(fc.string({ minLength: 1, maxLength: most }), fc.constantFrom('=1+1', "'-x", '-2', 'a, "b"', 'two\nlines'))
    .map((text) => text.trim())
    .filter((text) => text !== '')

const moment = fc
  .integer({ min: Date.parse('2020-01-01'), max: Date.parse('2030-01-01') })
  .map((time) => new Date(time).toISOString())

const anyOfForm = fc
  .constantFrom(...catalogue)
  .chain((c) => fc.record({ c: fc.constant(c), form: fc.constantFrom(...c.forms) }))

const anyReading = anyOfForm.chain(({ c, form }) =>
  fc.record({
    path: fc.record({
      application: line(80),
      brand: line(80),
      partNumber: line(60),
      revision: fc.oneof(fc.constant(''), line(60)),
      form: fc.constant(form),
      specimen: line(20),
    }),
    instrument: fc.oneof(fc.constant(''), line(60)),
    value: valueOf(c),
    reading: fc.record({
      id: fc.constant('r1'),
      specimenId: fc.constant('s1'),
      characteristic: fc.constant(c.key),
      rawInput: line(200),
      unit: 'units' in c ? fc.constantFrom(null, ...c.units) : fc.constant(null),
      atEnd: c.atEnds ? fc.constantFrom(null, ...endsOf(form)) : fc.constant(null),
      evidence: fc.constantFrom(...evidenceKeys),
      instrumentId: fc.constant(null),
      zeroOffset: fc.oneof(
        fc.constant(null),
        fc.double({ min: -0.002, max: 0.002, noNaN: true }).map((offset) => offset + 0),
      ),
      source: fc.oneof(fc.constant(null), line(200)),
      note: fc.oneof(fc.constant(null), line(200)),
      recordedAt: moment,
      voided: fc.oneof(fc.constant(null), fc.record({ at: moment, reason: fc.oneof(fc.constant(null), line(200)) })),
    }),
  }),
)

test('out and in again changes no field of any reading', () => {
  fc.assert(
    fc.property(anyReading, ({ path: of, instrument, reading, value }) => {
      const before: Reading = { ...reading, ...value }
      const after = parseReadingRow(throughFile(readingRow(of, before, instrument)))
      const { id: _id, specimenId: _specimen, instrumentId: _instrument, ...fields } = before
      expect(after).toEqual({ ok: true, value: { path: of, instrument, ...fields } })
    }),
    { numRuns: 500 },
  )
})
