import { createWriteStream, mkdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable, Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { formatCsv } from '#core/exchange/csv.ts'
import { dataFolder } from './database.server.ts'
import { newId } from './id.ts'
import { dryRunImport } from './import-dry-run.server.ts'
import { fileRow, type Import, type ImportJob, type RowResult } from './import-job.ts'
import { writeImport } from './import-write.server.ts'
import { streamOf } from './stream.server.ts'

const maximumImportBytes = 200 * 1024 * 1024

const jobs = new Map<string, ImportJob>()
const rememberedJobs = 5

/** So many refused rows are listed on the page; the file of row results has them all. */
const listedProblems = 200

/** What is known of an import, without its rows. */
export function findImport(id: string): (Import & { problems: { row: number; message: string }[] }) | undefined {
  const job = jobs.get(id)
  if (!job) return undefined
  const { file: _file, rowResults: _rowResults, problems, ...rest } = job
  return { ...rest, problems: [...problems].slice(0, listedProblems).map(([row, message]) => ({ row, message })) }
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
  const folder = join(dataFolder(), 'imports')
  mkdirSync(folder, { recursive: true })
  const file = join(folder, `${id}.csv`)
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
  jobs.set(id, job)
  forgetOldJobs()
  void run(job, dryRunImport)
  return { id }
}

/** Streams an upload to its file; says why when it is refused, and leaves nothing behind. */
async function keepFile(body: ReadableStream<Uint8Array>, file: string): Promise<string | undefined> {
  let size = 0
  const limit = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      size += chunk.length
      done(size > maximumImportBytes ? new Error('too large') : null, chunk)
    },
  })
  try {
    await pipeline(Readable.fromWeb(body as never), limit, createWriteStream(file))
    return undefined
  } catch {
    await rm(file, { force: true })
    return size > maximumImportBytes
      ? 'The file is larger than 200 MB. Split it.'
      : 'The file did not arrive whole. Send it again.'
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
  void run(job, writeImport)
  return undefined
}

async function run(job: ImportJob, step: (job: ImportJob) => Promise<void>): Promise<void> {
  try {
    await step(job)
  } catch (error) {
    console.error(error)
    job.state = 'failed'
    job.message = 'It could not be finished; nothing was written. The log of the server says more.'
  }
}
