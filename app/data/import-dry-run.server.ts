import { open } from 'node:fs/promises'
import { formatCsv } from '#core/exchange/csv.ts'
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
import * as texts from '#app/texts/imports.ts'
import { database } from './database.server.ts'
import { pathOf } from './exports.server.ts'
import { fileRow, resultsFile, rowResults, type DryRun, type RowResult } from './import-job.ts'
import { importRows, NoTable } from './import-rows.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { tellProgress } from './progress.server.ts'
import { throwIfGivenUp } from '#app/storage/request-scope.ts'
import { inThread } from './threads.server.ts'
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

/** So many refused rows are listed on the page; the file of row results has them all. */
const listedProblems = 200
/** Results are written to their file so many at a time. */
const rowsAtOnce = 1000
/** Progress is told when it has come so much further. */
const step = 0.01

const labels: Record<RowResult, string> = { new: 'new', there: texts.thereAlready, refused: 'refused' }

/**
 * Reads the whole file and says of every row what would become of it, in a file beside it as well; nothing is written
 * into the library.
 *
 * @param file that was sent
 * @param work under which progress is told
 * @param instruments that come with the file, by name
 */
export const dryRunImport = inThread(
  'files',
  'dry run',
  async (file: string, work: string, instruments: readonly string[] = []): Promise<DryRun> => {
    const library = await indexLibrary(instruments)
    const run: DryRun = { ...emptyRun(), results: new Uint8Array(rowsAtOnce) }
    const log = await open(resultsFile(file), 'w')
    let told = 0
    let lines: (string | number)[][] = [['row', 'result', 'reason']]
    const progress = (share: number) => {
      if (share - told < step) return
      told = share
      tellProgress(work, share)
    }
    try {
      for await (const row of importRows(file, progress)) {
        throwIfGivenUp()
        const missing = run.rows === 0 ? missingColumns(Object.keys(row)) : []
        if (missing.length > 0) return failed(missingMessage(missing))
        const result = await resultOf(row, library)
        const outcome = result.ok ? result.value : 'refused'
        const reason = result.ok ? '' : result.problem.message
        if (!result.ok && run.problems.length < listedProblems)
          run.problems.push({ row: fileRow(run.rows), message: reason })
        lines.push([fileRow(run.rows), labels[outcome], reason])
        run.counts[outcome]++
        if (run.rows === run.results.length) run.results = doubled(run.results)
        run.results[run.rows++] = rowResults.indexOf(outcome)
        if (lines.length < rowsAtOnce) continue
        await log.write(formatCsv(lines))
        lines = []
      }
      await log.write(formatCsv(lines))
    } catch (error) {
      if (error instanceof NoTable) return failed(error.message)
      throw error
    } finally {
      await log.close()
    }
    return run.rows === 0 ? failed(texts.thereAreNoRowsInThis) : run
  },
)

const emptyRun = (): DryRun => ({
  message: '',
  rows: 0,
  counts: { new: 0, there: 0, refused: 0 },
  results: new Uint8Array(),
  problems: [],
})

const failed = (message: string): DryRun => ({ ...emptyRun(), message })

const missingMessage = (missing: readonly string[]): string =>
  texts.theFileLacksThe(missing.length, formatList(missing, 'conjunction'))

function doubled(results: Uint8Array): Uint8Array {
  const larger = new Uint8Array(2 * results.length)
  larger.set(results)
  return larger
}

async function indexLibrary(brought: readonly string[]): Promise<LibraryIndex> {
  const [specimens, instruments] = await Promise.all([listAllSpecimens(), instrumentsById()])
  return {
    specimens: new Map(
      specimens.map((specimen) => [pathKey(pathOf(specimen)), { id: specimen.id, form: specimen.form }]),
    ),
    instrumentNames: new Set([...brought, ...[...instruments.values()].map(({ name }) => name)]),
    forms: new Map(),
    acts: new Map(),
  }
}

async function resultOf(row: Record<string, string>, library: LibraryIndex): Promise<Result<'new' | 'there'>> {
  const parsed = parseReadingRow(row)
  if (!parsed.ok) return parsed
  const { path, instrument } = parsed.value
  if (instrument !== '' && !library.instrumentNames.has(instrument))
    return problem('instrument', texts.thereIsNoInstrumentEnterIt(instrument))
  const form = formOf(parsed.value, library)
  if (form !== path.form) return problem('form', texts.thisProductIsNot(form, path.form))
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
