import { findCharacteristic } from '#core/catalogue/index.ts'
import { headingOf, unitFor, type KnownHeadings } from './sheet-heading.ts'

/** Cells of a table as text, row by row. */
export type Sheet = readonly (readonly string[])[]

/** How a table is laid out: products side by side, a product a row, or one reading a row. */
export type SheetLayout = 'across' | 'down' | 'tall'

export const sheetLayouts: Record<SheetLayout, string> = {
  across: 'products side by side, what is measured down',
  down: 'a product a row, what is measured side by side',
  tall: 'one reading a row: product, what is measured, value',
}

/** One value of a table with what stands over and beside it. */
export interface SheetValue {
  /** Places in the table, from 0. */
  row: number
  column: number
  product: string
  heading: string
  /** Unit in a row or a column of its own; empty where there is none. */
  unit: string
  text: string
}

/** At most so many rows, columns and letters of a cell are looked at. */
export const sheetLimits = { rows: 10_000, columns: 256, letters: 400 }

/** A table is known by its first rows and columns. */
const looked = { rows: 40, columns: 12 }

/**
 * A table without empty rows and columns at its ends, within the limits.
 *
 * @param rows as read
 * @example trimSheet([['', ''], ['', 'N-40 '], ['wall', '0.49']]) // => [['', 'N-40'], ['wall', '0.49']]
 */
export function trimSheet(rows: Sheet): string[][] {
  const kept = rows
    .slice(0, sheetLimits.rows)
    .map((row) => row.slice(0, sheetLimits.columns).map((cell) => cell.trim().slice(0, sheetLimits.letters)))
    .filter((row) => row.some(Boolean))
  const width = kept.reduce((most, row) => Math.max(most, row.findLastIndex(Boolean) + 1), 0)
  return kept.map((row) => Array.from({ length: width }, (_, at) => row[at] ?? ''))
}

/**
 * How a table is laid out, by where the names of characteristics stand.
 *
 * @param sheet that was trimmed
 * @param known what was said of headings before
 * @example layoutOf([['', 'N-40', 'M-2'], ['wall', '0.49', '0.51'], ['turns', '4', '5']]) // => 'across'
 */
export function layoutOf(sheet: Sheet, known: KnownHeadings = {}): SheetLayout {
  const { line, place, ofColumn } = namesPlace(sheet, known)
  if (!ofColumn) return 'down'
  const names = sheet.slice(0, looked.rows).flatMap((row) => keyAt(row[line], known))
  const isRepeated = names.length > 2 && new Set(names).size < names.length
  return line > 0 && isRepeated && place !== undefined ? 'tall' : 'across'
}

const keyAt = (text: string | undefined, known: KnownHeadings): string[] => {
  const { characteristic } = headingOf(text ?? '', known)
  return characteristic === '' ? [] : [characteristic]
}

/** The row or the column in which most names of characteristics stand, and the first of them. */
function namesPlace(
  sheet: Sheet,
  known: KnownHeadings,
): { line: number; place: number | undefined; ofColumn: boolean } {
  const head = sheet.slice(0, looked.rows)
  // A title over the table may hold the name of a part: a name has something beside it.
  const isName = head.map((row) => {
    const isLone = row.filter(Boolean).length < 2
    return row.slice(0, 64).map((text) => !isLone && keyAt(text, known).length > 0)
  })
  const ofRows = isName.slice(0, looked.columns).map((row) => row.filter(Boolean).length)
  const width = head[0]?.length ?? 0
  const ofColumns = Array.from({ length: Math.min(width, looked.columns) }, (_, column) =>
    isName.reduce((sum, row) => sum + Number(row[column] ?? false), 0),
  )
  const [mostOfRows, mostOfColumns] = [Math.max(0, ...ofRows), Math.max(0, ...ofColumns)]
  if (mostOfColumns > mostOfRows || (mostOfColumns === mostOfRows && head.length > width)) {
    const line = ofColumns.indexOf(mostOfColumns)
    const place = isName.findIndex((row) => row[line])
    return { line, place: place < 0 ? undefined : place, ofColumn: true }
  }
  const line = ofRows.indexOf(mostOfRows)
  const place = isName[line]?.indexOf(true) ?? -1
  return { line: Math.max(0, line), place: place < 0 ? undefined : place, ofColumn: false }
}

/**
 * The values of a table with the product and the heading of each.
 *
 * @param sheet that was trimmed
 * @param layout of it
 * @param known what was said of headings before
 * @example
 * sheetValues([['', 'N-40'], ['wall', '0.49']], 'across')
 * // => [{ row: 1, column: 1, product: 'N-40', heading: 'wall', unit: '', text: '0.49' }]
 */
export function sheetValues(sheet: Sheet, layout: SheetLayout, known: KnownHeadings = {}): SheetValue[] {
  if (layout === 'tall') return tallValues(sheet, known)
  if (layout === 'across') return acrossValues(sheet, known)
  const turned = (sheet[0] ?? []).map((_, column) => sheet.map((row) => row[column] ?? ''))
  return acrossValues(turned, known).map(({ row, column, ...value }) => ({ ...value, row: column, column: row }))
}

/** Names down one column, products over the others; a line may hold the units of the names. */
function acrossValues(sheet: Sheet, known: KnownHeadings): SheetValue[] {
  const { line, place } = namesColumn(sheet, known)
  const first = place ?? 1
  const heads = sheet.slice(0, Math.max(1, first))
  const width = sheet[0]?.length ?? 0
  const units = Array.from({ length: width }, (_, column) => column).find(
    (column) => column > line && isUnits(sheet, column, line, known),
  )
  const products = namesApart(
    Array.from({ length: width }, (_, column) =>
      [...new Set(heads.map((row) => row[column] ?? '').filter(Boolean))].join(' ').slice(0, sheetLimits.letters),
    ),
  )
  return sheet.slice(heads.length).flatMap((cells, at) => {
    const heading = cells[line] ?? ''
    if (heading === '') return []
    return cells.flatMap((text, column): SheetValue[] => {
      if (column <= line || column === units || text === '' || !products[column]) return []
      const unit = units === undefined ? '' : (cells[units] ?? '')
      return [{ row: at + heads.length, column, product: products[column], heading, unit, text }]
    })
  })
}

/** Names side by side; one that stands there twice is of two specimens. */
const namesApart = (names: readonly string[]): string[] =>
  names.map((name, at) => {
    const before = name === '' ? 0 : names.slice(0, at).filter((one) => one === name).length
    return before === 0 ? name : `${name} (${before + 1})`
  })

/** The column of the names, and the first row that has one. */
function namesColumn(sheet: Sheet, known: KnownHeadings): { line: number; place: number | undefined } {
  const { line, place, ofColumn } = namesPlace(sheet, known)
  return ofColumn ? { line, place } : { line: 0, place: undefined }
}

/** Whether a column holds nothing but the units of the names beside it. */
function isUnits(sheet: Sheet, column: number, line: number, known: KnownHeadings): boolean {
  const pairs = sheet.slice(0, looked.rows * 4).flatMap((row) => {
    const [text, key] = [row[column] ?? '', keyAt(row[line], known)[0]]
    const characteristic = key === undefined ? undefined : findCharacteristic(key)
    return text !== '' && characteristic ? [unitFor(characteristic, text) !== ''] : []
  })
  return pairs.length > 0 && pairs.every(Boolean)
}

/** Product, name and value in a row; a unit may stand behind the value. */
function tallValues(sheet: Sheet, known: KnownHeadings): SheetValue[] {
  const { line } = namesColumn(sheet, known)
  return sheet.flatMap((cells, row): SheetValue[] => {
    const product = cells.slice(0, line).filter(Boolean).join(' ')
    const [heading = '', text = '', unit = ''] = cells.slice(line)
    const isValue = product !== '' && text !== '' && headingOf(heading, known).characteristic !== ''
    return isValue ? [{ row, column: line + 1, product, heading, unit, text }] : []
  })
}
