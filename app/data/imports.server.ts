import { createReadStream, createWriteStream, existsSync, readdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { PackagedLibrary } from '#core/datapackage/library-tables.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { ensureFolder } from '#app/storage/data-folder.ts'
import { whileWanted } from '#app/storage/request-scope.ts'
import { storageProblemOf } from '#app/storage/storage-problem.ts'
import * as texts from '#app/texts/imports.ts'
import { newId } from './id.ts'
import { dryRunImport } from './import-dry-run.server.ts'
import { resultsFile, type Import, type ImportJob } from './import-job.ts'
import { endUnfinishedImports, keepImport, readImport } from './import-table.server.ts'
import { writeImport } from './import-write.server.ts'
import { unpackPackage } from './unpack-package.server.ts'
import { progressOf } from './progress.server.ts'

const jobs = new Map<string, ImportJob>()
const rememberedJobs = 5
/** A file is looked through for so long and no longer, in milliseconds. */
const longestReading = 15 * 60_000

/** An import as its page shows it. */
export interface ShownImport extends Import {
  problems: { row: number; message: string }[]
  /** The results of its rows are still known. */
  hasRowResults: boolean
  /** What a data package brings beside its readings, in words; empty for nothing. */
  beside: string
}

const besideReadings = (library: PackagedLibrary | undefined): string =>
  library
    ? formatList(
        [
          texts.engines(library.applications.length),
          texts.products(library.products.length),
          texts.specimens(library.specimens.length),
          texts.instruments(library.instruments.length),
          texts.claims(library.claims.length),
          texts.prices(library.prices.length),
        ],
        'conjunction',
      )
    : ''

/** What is known of an import, without its rows; of one of a former run, how it ended. */
export async function findImport(id: string): Promise<ShownImport | undefined> {
  const job = jobs.get(id)
  if (!job) {
    const former = await readImport(id)
    return former && { ...former, problems: [], hasRowResults: false, beside: '' }
  }
  const { file, results: _results, cancel: _cancel, progress, library, ...rest } = job
  return {
    ...rest,
    beside: besideReadings(library),
    progress: job.state === 'reading' ? progressOf(workOf(id)) : progress,
    hasRowResults: existsSync(resultsFile(file)),
  }
}

/** Under which name the progress of a dry run is told. */
const workOf = (id: string): string => `import ${id}`

/** What becomes of every row as CSV, while the import is remembered. */
export function streamRowResults(id: string): ReadableStream<Uint8Array> | undefined {
  const file = resultsFile(jobs.get(id)?.file ?? '')
  return existsSync(file) ? (Readable.toWeb(createReadStream(file)) as ReadableStream<Uint8Array>) : undefined
}

/** Keeps an uploaded file aside and begins its dry run; the answer comes at once. */
export async function beginImport(
  name: string,
  body: ReadableStream<Uint8Array>,
  longest = longestReading,
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
    results: new Uint8Array(),
    problems: [],
    cancel: new AbortController(),
  }
  await keepImport(job)
  jobs.set(id, job)
  forgetOldJobs()
  const timer = setTimeout(() => end(job, tooLong), longest)
  void run(job, lookThrough).finally(() => clearTimeout(timer))
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
    return texts.theFileDidNotArriveWhole
  }
}

function forgetOldJobs(): void {
  for (const [id, { file, state }] of jobs) {
    if (jobs.size <= rememberedJobs) return
    if (state === 'reading' || state === 'writing') continue
    jobs.delete(id)
    for (const one of [file, resultsFile(file)]) void rm(one, { force: true })
  }
}

/** Writes an import that has passed its dry run: all or nothing. */
export function confirmImport(id: string): string | undefined {
  const job = jobs.get(id)
  if (!job) return texts.thisImportIsNoLongerKnown
  if (job.state !== 'ready') return texts.thisImportIsNotReadyTo
  if (job.counts.refused > 0) return texts.someRowsAreRefusedMendThem
  job.state = 'writing'
  job.progress = 0
  void run(job, finishWriting)
  return undefined
}

/** Ends an import that is under way; what was written of it is taken back. */
export function cancelImport(id: string): string | undefined {
  const job = jobs.get(id)
  if (!job || !isRunning(job)) return texts.thisImportIsNotUnderWay
  end(job, cancelled)
  return undefined
}

function end(job: ImportJob, why: string): void {
  job.message = why
  job.cancel.abort()
}

const cancelled = texts.itWasCancelledNothingOfIt
const tooLong = texts.itTakesTooLongToLook

const isRunning = ({ state }: ImportJob): boolean => state === 'reading' || state === 'writing'

/** The dry run, in the thread of the files; it ends when the import is cancelled. */
async function lookThrough(job: ImportJob): Promise<void> {
  const unpacked = await whileWanted(job.cancel.signal, () => unpackPackage(job.file))
  if (unpacked && !unpacked.ok) {
    job.message = unpacked.problem.message
    job.state = 'failed'
    return
  }
  if (unpacked) job.library = unpacked.value
  const instruments = job.library?.instruments.map(({ instrument }) => instrument) ?? []
  const run = await whileWanted(job.cancel.signal, () => dryRunImport(job.file, workOf(job.id), instruments))
  Object.assign(job, run)
  job.state = run.message === '' ? 'ready' : 'failed'
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
    if (!job.cancel.signal.aborted) {
      console.error(error)
      job.message = texts.itCouldNotBeFinishedAnd
    }
    job.state = 'failed'
  }
  if (job.state === 'failed' || job.state === 'done') await rm(job.file, { force: true })
  await keepImport(job).catch((error: unknown) => console.error(error))
}

/** Whether an import is being looked at or written. */
export const isImporting = (): boolean => [...jobs.values()].some(isRunning)

/** Imports that a former run left unfinished are taken back, and say so; their files go. */
export async function endInterruptedImports(): Promise<void> {
  await endUnfinishedImports(texts.theServerEndedWhileThisImport)
  const folder = ensureFolder('imports')
  for (const name of readdirSync(folder)) await rm(join(folder, name), { force: true })
}
