import {
  catalogue,
  filterParts,
  findCharacteristic,
  type Characteristic,
  type FilterForm,
  type FilterPartKey,
} from '#core/catalogue/index.ts'
import { figures, type Figure } from '#core/figures/index.ts'
import { isKnown, areEquivalent, type Cell } from './cell.ts'
import { characteristicCell, figureCell } from './cells.ts'
import { confusionChance } from './confusion.ts'
import { numbersDiffer } from './difference.ts'
import { keptCell } from './kept-cell.ts'
import { markCells, type CellPoints, type ReasonUnjudged } from './marks.ts'
import { columnRelations, relateCells, type ColumnRelation, type ComparisonRecord } from './related-cells.ts'
import type { RevisionColumn } from './revision-column.ts'
import type { UnitSpread } from './unit-spread.ts'

export interface Row {
  key: string
  label: string
  part: FilterPartKey
  kind: 'characteristic' | 'figure'
  /** By column, in the order of the columns. */
  cells: readonly Cell[]
  /** At least two columns are known and differ by more than their uncertainty. */
  differs: boolean
  /** What was said of two columns beside each other. */
  relations?: readonly ColumnRelation[]
}

/** What the specimens of a column say together of a characteristic or figure. */
type CellOf<Of> = (of: Of, column: RevisionColumn, library: UnitSpread | undefined) => Cell

/** Unit-to-unit spreads pooled over the library, by characteristic or figure. */
export type Spreads = ReadonlyMap<string, UnitSpread>

/**
 * Products of a line-up, characteristic by characteristic and figure by figure, grouped by part.
 *
 * Several specimens of one revision are averaged. The uncertainty of a column is that of its readings and the
 * unit-to-unit spread together, since a column stands for the product and not for the unit that was opened.
 *
 * @param columns with their specimens
 * @param pointsOf a cell, by which best and worst are marked
 * @param spreads of the library
 * @param records what was said of specimens beside each other: it fills what is missing, where it can
 * @param reasonUnjudged why a row does not judge a column
 * @returns rows in the order of the parts; rows that no column can have are left out, and what was told of a figure as
 *   such stands in the row of the figure
 * @example buildLineup([], () => undefined) // => []
 */
export function buildLineup(
  columns: readonly RevisionColumn[],
  pointsOf: CellPoints,
  spreads: Spreads = new Map(),
  records: readonly ComparisonRecord[] = [],
  reasonUnjudged: ReasonUnjudged = () => undefined,
): Row[] {
  const forms = new Set(columns.map(({ form }) => form))
  const applies = ({ forms: those }: { forms: FilterForm[] }) => those.some((form) => forms.has(form))
  const row = <Of extends Characteristic | Figure>(of: Of, kind: Row['kind'], cellOf: CellOf<Of>): Row => {
    const library = spreads.get(of.key)
    const own = columns.map((column) =>
      of.forms.includes(column.form)
        ? keptCell(column, of.key, library, () => cellOf(of, column, library))
        : otherForm(column.form),
    )
    return unmarkedRow(of, kind, own, columnRelations(records, columns, of.key))
  }
  const unmarked = [
    ...catalogue
      .filter((one) => applies(one) && !(one.kind === 'quantity' && one.figure !== undefined))
      .map((one) => row(one, 'characteristic', characteristicCell)),
    ...figures.filter(applies).map((one) => row(one, 'figure', figureCell)),
  ]
  const byKey = new Map(unmarked.map((one) => [one.key, one]))
  const cellsOf = columns.map((_, at) => ({ get: (key: string) => byKey.get(key)?.cells[at] }))
  const rows = unmarked.map((one) =>
    markedRow(
      one,
      pointsOf,
      cellsOf.map((cells) => reasonUnjudged(one.key, cells)),
    ),
  )
  const order = new Map<FilterPartKey, number>(filterParts.map(({ key }, index) => [key, index]))
  const place = ({ part }: Row): number => order.get(part) ?? filterParts.length
  return rows.sort((a, b) => place(a) - place(b))
}

/** Rows by the first of their cells: one whose cells are the same objects as before is not worked out again. */
const unmarkedRows = new WeakMap<Cell, { own: readonly Cell[]; row: Row }>()

function unmarkedRow(
  of: Characteristic | Figure,
  kind: Row['kind'],
  own: readonly Cell[],
  between: readonly ColumnRelation[],
): Row {
  const [first] = own
  const known = first && between.length === 0 ? unmarkedRows.get(first) : undefined
  if (known && areSame(known.own, own)) return known.row
  const { cells, relations } = relateCells(own, between)
  const row = {
    key: of.key,
    label: of.label,
    part: of.part,
    kind,
    cells: 'relative' in of && of.relative ? remarkTimesLowest(cells) : cells,
    differs: cellsDiffer(cells),
    ...(relations.length > 0 && { relations }),
  }
  if (first && between.length === 0) unmarkedRows.set(first, { own, row })
  return row
}

/** Rows as they were marked last, by what they were before. */
const markedRows = new WeakMap<Row, { pointsOf: CellPoints; reasons: readonly (string | undefined)[]; marked: Row }>()

function markedRow(row: Row, pointsOf: CellPoints, reasons: readonly (string | undefined)[]): Row {
  const known = markedRows.get(row)
  if (known?.pointsOf === pointsOf && areSame(known.reasons, reasons)) return known.marked
  const cells = row.cells.map((cell, at) => unjudgedCell(cell, reasons[at]))
  const marked = { ...row, cells: markCells(cells, (cell) => pointsOf(row.key, cell), confusionOf(row.key)) }
  markedRows.set(row, { pointsOf, reasons, marked })
  return marked
}

const areSame = <T>(a: readonly T[], b: readonly T[]): boolean =>
  a.length === b.length && a.every((one, at) => one === b[at])

const confusionOf = (key: string): number => {
  const of = findCharacteristic(key)
  return of ? confusionChance(of) : 0
}

const unjudgedCell = (cell: Cell, unjudged: string | undefined): Cell =>
  unjudged !== undefined && cell.state === 'number' ? { ...cell, unjudged } : cell

const otherForm = (form: FilterForm): Cell => ({ state: 'not-applicable', reason: `not part of a ${form} filter` })

/** Says of each number how many times the lowest of the line-up it is. */
function remarkTimesLowest(cells: Cell[]): Cell[] {
  const values = cells.flatMap((cell) => (cell.state === 'number' ? [cell.value] : []))
  if (values.length < 2) return cells
  const lowest = Math.min(...values)
  return cells.map((cell) => {
    if (cell.state !== 'number') return cell
    const times = `${(cell.value / lowest).toFixed(1)} times the lowest`
    return { ...cell, remark: cell.remark ? `${times}; ${cell.remark}` : times }
  })
}

/** Whether any two known cells say different things. */
function cellsDiffer(cells: readonly Cell[]): boolean {
  const known = cells.filter(isKnown)
  const numbers = known.filter((cell) => cell.state === 'number')
  if (numbers.length === known.length) return numbersDiffer(numbers)
  const among = Math.max(2, known.length)
  return known.some((one, index) => known.slice(index + 1).some((other) => !areEquivalent(one, other, among)))
}
