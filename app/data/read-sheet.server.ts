import { Readable } from 'node:stream'
import { unzipSync } from 'fflate'
import ExcelJS from 'exceljs'
import { parseCells } from '#core/exchange/csv.ts'
import { sheetLimits, trimSheet } from '#core/exchange/sheet-layout.ts'
import { ok, problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/imports.ts'
import { markedEncoding } from './text-encoding.server.ts'
import { inThread } from './threads.server.ts'

/** One sheet of a file. */
export interface NamedSheet {
  name: string
  rows: string[][]
}

const largestFile = 10_000_000
/** A workbook that unpacks to more than this is no table of a reviewer. */
const largestUnpacked = 150_000_000
const mostSheets = 10

/** Sheets of a file: a workbook, or text with commas, semicolons or tabs. */
export async function readSheetFile(body: ReadableStream<Uint8Array>): Promise<Result<NamedSheet[]>> {
  const bytes = await bytesOf(body)
  if (!bytes) return problem('too-large', texts.theFileHasMoreThanMb(largestFile / 1e6))
  if (bytes.length === 0) return problem('empty', texts.theFileIsEmpty)
  return sheetsOf(bytes)
}

/** Takes a file apart, in the thread of the files. */
const sheetsOf = inThread('files', 'sheets', async (bytes: Uint8Array): Promise<Result<NamedSheet[]>> => {
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b
  const sheets = isZip
    ? await workbookSheets(bytes)
    : ok([{ name: texts.table, rows: parseCells(decoded(bytes), sheetLimits.rows) }])
  if (!sheets.ok) return sheets
  const filled = sheets.value
    .map(({ name, rows }) => ({ name, rows: trimSheet(rows) }))
    .filter(({ rows }) => rows.length > 1)
  return filled.length > 0 ? ok(filled) : problem('empty', texts.thereIsNoTableInThis)
})

async function bytesOf(body: ReadableStream<Uint8Array>): Promise<Uint8Array | undefined> {
  const chunks: Uint8Array[] = []
  let size = 0
  for await (const chunk of Readable.fromWeb(body as never) as AsyncIterable<Uint8Array>) {
    size += chunk.length
    if (size > largestFile) return undefined
    chunks.push(chunk)
  }
  return Buffer.concat(chunks)
}

/** Text in UTF-8, in UTF-16 where it says so, else as Western spreadsheets write it. */
function decoded(bytes: Uint8Array): string {
  const marked = markedEncoding(bytes)
  if (marked) return new TextDecoder(marked).decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

async function workbookSheets(bytes: Uint8Array): Promise<Result<NamedSheet[]>> {
  const unreadable = problem('no-workbook', texts.thisIsNoWorkbookThatCan)
  try {
    if (unpackedSize(bytes) > largestUnpacked) return problem('too-large', texts.thisWorkbookUnpacksToFarMore)
    const reader = new ExcelJS.stream.xlsx.WorkbookReader(Readable.from([bytes]), {
      worksheets: 'emit',
      sharedStrings: 'cache',
      styles: 'cache',
      hyperlinks: 'ignore',
    })
    const sheets: NamedSheet[] = []
    for await (const sheet of reader) {
      const rows: string[][] = []
      for await (const row of sheet) {
        if (rows.length === sheetLimits.rows) break
        rows.push(rowTexts(row))
      }
      sheets.push({ name: (sheet as unknown as { name?: string }).name ?? texts.sheet(sheets.length + 1), rows })
      if (sheets.length === mostSheets) break
    }
    return sheets.length > 0 ? ok(sheets) : unreadable
  } catch {
    return unreadable
  }
}

/** What the parts of a zip say they unpack to. */
function unpackedSize(bytes: Uint8Array): number {
  let size = 0
  unzipSync(bytes, { filter: ({ originalSize }) => ((size += originalSize), false) })
  return size
}

function rowTexts(row: ExcelJS.Row): string[] {
  const width = Math.min(row.cellCount, sheetLimits.columns)
  return Array.from({ length: width }, (_, at) => cellText(row.getCell(at + 1).value))
}

/** What a cell shows; of a formula its result. */
function cellText(value: ExcelJS.CellValue): string {
  if (value === null || value === undefined) return ''
  if (value instanceof Date) return value.toISOString().slice(0, 10)
  if (typeof value !== 'object') return String(value)
  if ('richText' in value) return value.richText.map(({ text }) => text).join('')
  if ('result' in value) return cellText(value.result as ExcelJS.CellValue)
  if ('text' in value) return String(value.text)
  return ''
}
