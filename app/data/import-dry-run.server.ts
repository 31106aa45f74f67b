import type { FilterForm } from '#core/catalogue/index.ts'
import {
  missingColumns,
  parseReadingRow,
  pathKey,
  readingActKey,
  type ImportedReading,
} from '#core/exchange/readings-csv.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { database } from './database.server.ts'
import { pathOf } from './exports.server.ts'
import { fileRow, type ImportJob, type RowResult } from './import-job.ts'
import { importRows } from './import-rows.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { listAllSpecimens } from './specimens.server.ts'

/** What the library holds that a row is looked up in. */
interface LibraryIndex {
  specimens: ReadonlyMap<string, { id: string; form: FilterForm }>
  instrumentNames: ReadonlySet<string>
  /** Forms of products that are first named in the file. */
  forms: Map<string, FilterForm>
  /** Acts of each specimen: those that are there, then those of the file. */
  acts: Map<string, Set<string>>
}

/** Reads the whole file and says of every row what would become of it; nothing is written. */
export async function dryRunImport(job: ImportJob): Promise<void> {
  const library = await indexLibrary()
  for await (const row of importRows(job)) {
    const missing = job.rows === 0 ? missingColumns(Object.keys(row)) : []
    if (missing.length > 0) {
      const noun = missing.length === 1 ? 'column' : 'columns'
      return fail(job, `The file lacks the ${noun} ${formatList(missing, 'conjunction')}.`)
    }
    const result = await resultOf(row, library)
    if (!result.ok) job.problems.set(fileRow(job.rows), result.problem.message)
    const outcome: RowResult = result.ok ? result.value : 'refused'
    job.rowResults.push(outcome)
    job.counts[outcome]++
    job.rows++
  }
  job.progress = 1
  if (job.rows === 0) return fail(job, 'There are no rows in this file.')
  job.state = 'ready'
}

function fail(job: ImportJob, message: string): void {
  job.state = 'failed'
  job.message = message
}

async function indexLibrary(): Promise<LibraryIndex> {
  const [specimens, instruments] = await Promise.all([listAllSpecimens(), instrumentsById()])
  return {
    specimens: new Map(
      specimens.map((specimen) => [pathKey(pathOf(specimen)), { id: specimen.id, form: specimen.form }]),
    ),
    instrumentNames: new Set([...instruments.values()].map(({ name }) => name)),
    forms: new Map(),
    acts: new Map(),
  }
}

async function resultOf(row: Record<string, string>, library: LibraryIndex): Promise<Result<'new' | 'there'>> {
  const parsed = parseReadingRow(row)
  if (!parsed.ok) return parsed
  const { path, instrument } = parsed.value
  if (instrument !== '' && !library.instrumentNames.has(instrument))
    return problem(
      'instrument',
      `There is no instrument "${instrument}". Enter it under Instruments, or leave the column empty.`,
    )
  const form = formOf(parsed.value, library)
  if (form !== path.form) return problem('form', `This product is ${form}, not ${path.form}.`)
  const acts = await actsOf(parsed.value, library)
  const act = readingActKey(parsed.value)
  const isThere = acts.has(act)
  acts.add(act)
  return ok(isThere ? 'there' : 'new')
}

function formOf({ path }: ImportedReading, { specimens, forms }: LibraryIndex): FilterForm {
  const key = pathKey(path)
  const form = specimens.get(key)?.form ?? forms.get(key) ?? path.form
  forms.set(key, form)
  return form
}

async function actsOf({ path }: ImportedReading, { specimens, acts }: LibraryIndex): Promise<Set<string>> {
  const key = pathKey(path)
  const known = acts.get(key)
  if (known) return known
  const specimen = specimens.get(key)
  const recorded = specimen ? await recordedActs(specimen.id) : new Set<string>()
  acts.set(key, recorded)
  return recorded
}

async function recordedActs(specimenId: string): Promise<Set<string>> {
  const db = await database()
  const rows: Pick<ImportedReading, 'characteristic' | 'recordedAt' | 'rawInput'>[] = await db('shownReading')
    .where({ specimenId })
    .select('characteristic', 'recordedAt', 'rawInput')
  return new Set(rows.map(readingActKey))
}
