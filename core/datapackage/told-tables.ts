import { z } from 'zod'
import { catalogue, characteristicOf, optionsOf, partLabel, type Characteristic } from '#core/catalogue/index.ts'
import type { FigureRow } from '#core/exchange/figures-table.ts'
import { groupsText, readingColumns, type ReadingCsvRow, type SpecimenPath } from '#core/exchange/readings-csv.ts'
import { siSymbolOf } from '#core/quantity/units.ts'
import { criterionGroupLabel, type Criterion } from '#core/score/criterion.ts'
import type { ResolvedValue, ResolvedValues } from '#core/teardown/resolve.ts'
import type { VerdictSnapshot } from '#core/verdict/snapshot.ts'
import { nameColumn, numberColumn, objectColumn, textColumn, wholeColumn, type Column } from './column.ts'
import { productColumns, specimenColumns } from './path-columns.ts'
import type { RowOf, Table } from './table.ts'

/** Tables that tell what is known, beside those that a package brings back. */

const readingDescriptions: Record<(typeof readingColumns)[number], string> = {
  application: 'The engine, by name.',
  brand: 'The brand on the box.',
  'part number': 'The part number on the box.',
  revision: 'The revision; empty for the first.',
  form: 'spin-on or cartridge.',
  specimen: 'Its label.',
  characteristic: 'Key of the characteristic.',
  'as typed': 'What was typed, to the letter.',
  value: 'Number in SI, answer, thread, words, or openings as count x width.',
  'SI unit': 'Unit of the value; empty where it has none.',
  instrument: 'What it was taken with.',
  evidence: 'measured, observed, claimed, inferred or reported.',
  time: 'When it was taken, UTC.',
  struck: 'Empty: struck readings are left out.',
  note: 'Empty: notes are left out.',
  'read in': 'Unit it was read in.',
  source: 'Where a claim was read.',
  'zero offset': 'What the instrument showed at zero, SI; taken off already.',
  'struck because': 'Empty: struck readings are left out.',
  'give or take': 'Half of the width that was said, SI.',
  end: 'At which end it was read.',
}

const mostLetters = 20_000

export const readingsTable = {
  name: 'readings',
  title: 'Readings',
  description: 'Every reading that stands, one a row.',
  columns: Object.fromEntries(
    readingColumns.map((name) => [name, textColumn(readingDescriptions[name], mostLetters)]),
  ) as Record<keyof ReadingCsvRow, Column<string>>,
  foreignKeys: [{ fields: ['characteristic'], table: 'characteristics' }],
} satisfies Table

/** What a characteristic is as a column: its unit, what it may be, and how it is measured or judged. */
function measuredColumn(characteristic: Characteristic): Column<string> | Column<number | null> {
  const { label, how, kind } = characteristic
  const description = `${label}. ${how}`
  switch (kind) {
    case 'quantity':
      return numberColumn(description, siSymbolOf(characteristic.dimension))
    case 'count':
    case 'grade':
      return numberColumn(description)
    case 'choice':
    case 'fault':
      return {
        ...textColumn(description, 60),
        constraints: { enum: optionsOf(characteristic).map(({ value }) => value) },
      }
    default:
      return textColumn(description, mostLetters)
  }
}

/**
 * A table with a column for each of some characteristics, in SI.
 *
 * @param keys of characteristics
 * @example measurementsTable(['can.wall']).columns['can.wall']?.unit // => 'm'
 */
export const measurementsTable = (keys: readonly string[]): Table => ({
  name: 'measurements',
  title: 'Measurements',
  description: 'What is known of each specimen, its repeats put together; on what it rests stands with the readings.',
  columns: {
    ...specimenColumns,
    ...Object.fromEntries(keys.map((key) => [key, measuredColumn(characteristicOf(key))])),
  },
})

/**
 * What is known of a specimen as a row of {@link measurementsTable}.
 *
 * @param path of the specimen
 * @param values that are known of it
 * @param keys of the columns
 * @example measurementRow(path, known({ 'can.wall': '0.49 mm' }), ['can.wall'])['can.wall'] // => 0.00049
 */
export const measurementRow = (path: SpecimenPath, values: ResolvedValues, keys: readonly string[]): RowOf<Table> => ({
  ...specimenCells(path),
  ...Object.fromEntries(keys.map((key) => [key, measured(characteristicOf(key), values.get(key))])),
})

const specimenCells = ({ application, brand, partNumber, revision, specimen: label }: SpecimenPath) => ({
  ...{ application, brand, 'part number': partNumber, revision, specimen: label },
})

function measured({ kind }: Characteristic, value: ResolvedValue | undefined): string | number | null {
  if (kind === 'quantity' || kind === 'count' || kind === 'grade') return value?.number?.value ?? null
  return value?.text ?? (value?.openings ? groupsText(value.openings.groups) : '')
}

export const characteristicsTable = {
  name: 'characteristics',
  title: 'Characteristics',
  description: 'What can be recorded of a filter: what a key means, and how it is measured or judged.',
  primaryKey: ['characteristic'],
  columns: {
    characteristic: nameColumn('Its key.', 60),
    label: nameColumn('What it is called.', 120),
    part: nameColumn('Of which part.', 60),
    kind: nameColumn('quantity, count, choice, grade, fault, text, openings or thread.', 20),
    'SI unit': textColumn('Unit of its values; empty where it has none.', 10),
    how: nameColumn('How it is measured or judged.', 2000),
    answers: objectColumn('What its answers mean, by answer.', z.record(z.string(), z.string())),
  },
} satisfies Table

/**
 * What can be recorded, as rows of {@link characteristicsTable}.
 *
 * @example characteristicRows().find(({ characteristic }) => characteristic === 'can.wall')?.['SI unit'] // => 'm'
 */
export const characteristicRows = (): RowOf<typeof characteristicsTable>[] =>
  catalogue.map((one) => ({
    characteristic: one.key,
    ...{ label: one.label, part: partLabel(one.part), kind: one.kind, how: one.how },
    'SI unit': one.kind === 'quantity' ? siSymbolOf(one.dimension) : one.kind === 'openings' ? 'm' : '',
    answers: Object.fromEntries(optionsOf(one).map(({ value, label, description }) => [value, description || label])),
  }))

export const figuresTable = {
  name: 'figures',
  title: 'Figures',
  description: 'What follows from the readings of a specimen, with its uncertainty.',
  columns: {
    ...specimenColumns,
    figure: nameColumn('Its key.', 60),
    label: nameColumn('What it is called.', 120),
    value: numberColumn('Its value in the SI unit.'),
    'SI unit': textColumn('Unit of the value.', 20),
    'expanded uncertainty': numberColumn('Half of the width that covers 95 %.'),
    evidence: nameColumn('The weakest that it rests on.', 20),
    inputs: textColumn('Keys that it is made of, parted by a space.', 2000),
    formula: textColumn('In words.', 2000),
    source: textColumn('Where the formula is from.', 2000),
  },
} satisfies Table

/**
 * A figure as a row of {@link figuresTable}.
 *
 * @example figureCells({ ...path, inputs: ['a', 'b'] }).inputs // => 'a b'
 */
export const figureCells = (row: FigureRow): RowOf<typeof figuresTable> => ({ ...row, inputs: row.inputs.join(' ') })

export const verdictsTable = {
  name: 'verdicts',
  title: 'Verdicts',
  description: 'Verdicts as they were published: one row a filter that was ranked. Construction and value, no test.',
  columns: {
    application: productColumns.application,
    published: nameColumn('When, UTC.', 30),
    school: nameColumn('By which weights.', 80),
    driver: textColumn('For whose driving; empty for nobody’s.', 80),
    method: wholeColumn('Version of the method.', 1, 1000),
    'who is first': textColumn('In words, with how sure that is.', 1000),
    words: textColumn('What the reviewer said beside it.', 4000),
    'holds under': textColumn('Under what it holds.', 4000),
    filter: nameColumn('Which is ranked.', 200),
    score: numberColumn('Of a hundred.'),
    'score from': numberColumn('It may be as low as this.'),
    'score to': numberColumn('It may be as high as this.'),
    'chance of being first': numberColumn('0 to 1.'),
    'judged on': textColumn('How much of what counts was known.', 400),
  },
} satisfies Table

/** A verdict as it was published. */
interface PublishedVerdict {
  publishedAt: string | null
  words: string
  conditions: string
  snapshot: VerdictSnapshot | null
}

/**
 * A published verdict as rows of {@link verdictsTable}; none where it was not published.
 *
 * @example verdictRows('Skerry', { publishedAt: null, words: '', conditions: '', snapshot: null }) // => []
 */
export const verdictRows = (
  application: string,
  { publishedAt, words, conditions, snapshot }: PublishedVerdict,
): RowOf<typeof verdictsTable>[] =>
  (snapshot?.ranking ?? []).map(({ name, value, low, high, chance, judgedOn }) => ({
    ...{ application, published: publishedAt ?? '', words, 'holds under': conditions, filter: name },
    school: snapshot?.school ?? '',
    driver: snapshot?.driver ?? '',
    method: snapshot?.method ?? null,
    'who is first': snapshot?.call ?? '',
    ...{ score: value, 'score from': low, 'score to': high, 'chance of being first': chance ?? null },
    'judged on': judgedOn ?? '',
  }))

export const methodTable = {
  name: 'method',
  title: 'Method',
  description: 'What is judged, how much it counts, and what points a value has, from 0 to 10.',
  primaryKey: ['criterion'],
  columns: {
    criterion: nameColumn('Its key.', 60),
    label: nameColumn('What it is called.', 120),
    group: nameColumn('A part of the filter, or what stands beside it.', 60),
    judges: nameColumn('Key of the characteristic, figure or fact that it judges.', 60),
    weight: numberColumn('How much it counts by the method itself; 0 where only some schools count it.'),
    points: objectColumn('Points by value, SI, or by answer.', z.record(z.string(), z.unknown())),
    why: textColumn('Why it counts, and where its points come from.', 4000),
  },
} satisfies Table

/**
 * A criterion as a row of {@link methodTable}.
 *
 * @example criteria.map(criterionRow).every(({ weight }) => weight !== null) // => true
 */
export const criterionRow = (criterion: Criterion): RowOf<typeof methodTable> => ({
  criterion: criterion.key,
  ...{ label: criterion.label, group: criterionGroupLabel(criterion.part), judges: criterion.attribute },
  ...{ weight: criterion.weight, points: { ...criterion.valueFunction }, why: criterion.rationale },
})
