import { existsSync } from 'node:fs'
import SqliteFile from 'better-sqlite3'
import { strToU8, Zip, ZipDeflate } from 'fflate'
import { databaseFile } from './data-folder.ts'

/**
 * What can still be read of a damaged database, as a zip file: every table as lines of JSON, from its beginning and
 * from its end up to where it cannot be read, and a note that says what is missing.
 */
export function salvage(file = databaseFile()): ReadableStream<Uint8Array> {
  return new ReadableStream({
    start(controller) {
      const zip = new Zip((error, chunk, isLast) => {
        if (error) return controller.error(error)
        controller.enqueue(chunk)
        if (isLast) controller.close()
      })
      const add = (name: string, lines: Iterable<string>) => {
        const entry = new ZipDeflate(name)
        zip.add(entry)
        for (const line of lines) entry.push(strToU8(line))
        entry.push(new Uint8Array(), true)
      }
      const remarks = salvageTables(file, add)
      add('READ-ME.txt', [`What could be read of ${file}.\n\n`, ...remarks.map((remark) => `${remark}\n`)])
      zip.end()
    },
  })
}

function salvageTables(file: string, add: (name: string, lines: Iterable<string>) => void): string[] {
  if (!existsSync(file)) return ['There is no database.']
  const remarks: string[] = []
  let database: SqliteFile.Database | undefined
  try {
    database = new SqliteFile(file, { readonly: true })
    const names = database
      .prepare("select name from sqlite_master where type = 'table' and name not like 'sqlite%'")
      .pluck()
      .all() as string[]
    for (const name of names) {
      const { rows, isWhole } = readTable(database, name)
      add(
        `${name}.jsonl`,
        rows.map((row) => `${JSON.stringify(row)}\n`),
      )
      remarks.push(`${name}: ${rows.length} rows${isWhole ? '' : ', and some that cannot be read'}`)
    }
  } catch (error) {
    remarks.push(`The list of tables cannot be read: ${String(error)}`)
  } finally {
    database?.close()
  }
  return remarks
}

type Row = Record<string, unknown>

function readTable(database: SqliteFile.Database, name: string): { rows: Row[]; isWhole: boolean } {
  const forwards = readUntilFault(database, name, 'asc')
  if (forwards.isWhole) return forwards
  const seen = new Set(forwards.rows.map(({ rowid }) => rowid))
  const backwards = readUntilFault(database, name, 'desc')
  const rest = backwards.rows.filter(({ rowid }) => !seen.has(rowid))
  return { rows: [...forwards.rows, ...rest.reverse()], isWhole: false }
}

function readUntilFault(database: SqliteFile.Database, name: string, order: 'asc' | 'desc') {
  const rows: Row[] = []
  try {
    const all = database.prepare(`select rowid as rowid, * from "${name}" order by rowid ${order}`)
    for (const row of all.iterate() as IterableIterator<Row>) rows.push(row)
    return { rows, isWhole: true }
  } catch {
    return { rows, isWhole: false }
  }
}
