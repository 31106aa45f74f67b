import { createWriteStream, readdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { formatCsv } from '#core/exchange/csv.ts'
import { ensureFolder } from '#app/storage/data-folder.ts'
import { storageProblemOf } from '#app/storage/storage-problem.ts'
import { newId } from './id.ts'
import { dryRunImport } from './import-dry-run.server.ts'
import { fileRow, type Import, type ImportJob, type RowResult } from './import-job.ts'
import { endUnfinishedImports, keepImport, readImport } from './import-table.server.ts'
import { writeImport } from './import-write.server.ts'
import { streamOf } from './stream.server.ts'

const jobs = new Map<string, ImportJob>()
const rememberedJobs = 5

/** So many refused rows are listed on the page; the file of row results has them all. */
const listedProblems = 200

/** An import as its page shows it. */
export interface ShownImport extends Import {
  problems: { row: number; message: string }[]
  /** The results of its rows are still known. */
  hasRowResults: boolean
}

/** What is known of an import, without its rows; of one of a former run, how it ended. */
export async function findImport(id: string): Promise<ShownImport | undefined> {
  const job = jobs.get(id)
  if (!job) {
    const former = await readImport(id)
    return former && { ...former, problems: [], hasRowResults: false }
  }
  const { file: _file, rowResults: _rowResults, problems, ...rest } = job
  const listed = firstOf(problems, listedProblems).map(([row, message]) => ({ row, message }))
  return { ...rest, problems: listed, hasRowResults: true }
}

/** The first entries of a map, without a copy of all of it. */
function firstOf<Key, Value>(map: ReadonlyMap<Key, Value>, most: number): [Key, Value][] {
  const first: [Key, Value][] = []
  for (const entry of map) {
    if (first.length === most) break
    first.push(entry)
  }
  return first
}

const rowResultLabels: Record<RowResult, string> = { new: 'new', there: 'there already', refused: 'refused' }
const rowsAtOnce = 1000

/** What becomes of every row as CSV, while the import is remembered. */
export function streamRowResults(id: string): ReadableStream<Uint8Array> | undefined {
  const job = jobs.get(id)
  return job && streamOf(rowResultChunks(job))
}

function* rowResultChunks({ rowResults, problems }: ImportJob): Generator<string> {
  yield formatCsv([['row', 'result', 'reason']])
  for (let start = 0; start < rowResults.length; start += rowsAtOnce) {
    const rows = rowResults.slice(start, start + rowsAtOnce)
    yield formatCsv(
      rows.map((result, index) => {
        const row = fileRow(start + index)
        return [row, rowResultLabels[result], problems.get(row) ?? '']
      }),
    )
  }
}

/** Keeps an uploaded file aside and begins its dry run; the answer comes at once. */
export async function beginImport(
  name: string,
  body: ReadableStream<Uint8Array>,
): Promise<{ id: string } | { refused: string }> {
  const id = newId()
  const file = join(ensureFolder('imports'), `${id}.csv`)
  const refused = await keepFile(body, file)
  if (refused) return { refused }
  const job: ImportJob = {
    id,
    name,
    state: 'reading',
    message: '',
    rows: 0,
    counts: { new: 0, there: 0, refused: 0 },
    progress: 0,
    file,
    rowResults: [],
    problems: new Map(),
  }
  await keepImport(job)
  jobs.set(id, job)
  forgetOldJobs()
  void run(job, dryRunImport)
  return { id }
}

/** Streams an upload to its file; says why when it is refused, and leaves nothing behind. */
async function keepFile(body: ReadableStream<Uint8Array>, file: string): Promise<string | undefined> {
  try {
    await pipeline(Readable.fromWeb(body as never), createWriteStream(file))
    return undefined
  } catch (error) {
    await rm(file, { force: true })
    if (storageProblemOf(error)) throw error
    return 'The file did not arrive whole. Send it again.'
  }
}

function forgetOldJobs(): void {
  for (const [id, { file, state }] of jobs) {
    if (jobs.size <= rememberedJobs) return
    if (state === 'reading' || state === 'writing') continue
    jobs.delete(id)
    void rm(file, { force: true })
  }
}

/** Writes an import that has passed its dry run: all or nothing. */
export function confirmImport(id: string): string | undefined {
  const job = jobs.get(id)
  if (!job) return 'This import is no longer known. Send the file again.'
  if (job.state !== 'ready') return 'This import is not ready to be written.'
  if (job.counts.refused > 0)
    return 'Some rows are refused. Mend them in the file and send it again: it is all or nothing.'
  job.state = 'writing'
  job.progress = 0
  void run(job, finishWriting)
  return undefined
}

async function finishWriting(job: ImportJob): Promise<void> {
  await keepImport(job)
  await writeImport(job)
  job.progress = 1
  job.state = 'done'
}

async function run(job: ImportJob, step: (job: ImportJob) => Promise<void>): Promise<void> {
  try {
    await step(job)
  } catch (error) {
    console.error(error)
    job.state = 'failed'
    job.message =
      'It could not be finished, and what was written of it was taken back. The log of the server says more.'
  }
  if (job.state === 'failed' || job.state === 'done') await rm(job.file, { force: true })
  await keepImport(job).catch((error: unknown) => console.error(error))
}

/** Whether an import is being looked at or written. */
export const isImporting = (): boolean =>
  [...jobs.values()].some(({ state }) => state === 'reading' || state === 'writing')

/** Imports that a former run left unfinished are taken back, and say so; their files go. */
export async function endInterruptedImports(): Promise<void> {
  await endUnfinishedImports(
    'The server ended while this import was under way. Nothing of it was written. Send the file again.',
  )
  const folder = ensureFolder('imports')
  for (const name of readdirSync(folder)) await rm(join(folder, name), { force: true })
}
