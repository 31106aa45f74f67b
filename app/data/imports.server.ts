import { createReadStream, createWriteStream, mkdirSync } from 'node:fs'
import { rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable, Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { Knex } from 'knex'
import Papa from 'papaparse'
import {
  missingColumns,
  parseReadingRow,
  pathKey,
  sameAct,
  type ImportedReading,
  type SpecimenPath,
} from '#core/exchange/readings-csv.ts'
import { database, dataFolder, now } from './database.server.ts'
import { pathOf } from './exports.server.ts'
import { newId } from './id.ts'
import { listAllSpecimens } from './specimens.server.ts'

/** What becomes of a row: kept as new, there already, or refused. */
export type Fate = 'new' | 'there' | 'refused'

export interface Import {
  id: string
  name: string
  state: 'reading' | 'ready' | 'writing' | 'done' | 'failed'
  /** What stopped it. */
  message: string
  rows: number
  counts: Record<Fate, number>
  /** Share of the file that has been read or written. */
  progress: number
}

interface Job extends Import {
  file: string
  /** A letter a row: n, t or r. */
  fates: string[]
  problems: Map<number, string>
}

export const largestImport = 200 * 1024 * 1024

const jobs = new Map<string, Job>()
const mostJobs = 5

/** What is known of an import, without its rows. */
export function findImport(id: string): (Import & { problems: { row: number; message: string }[] }) | undefined {
  const job = jobs.get(id)
  if (!job) return undefined
  const { name, state, message, rows, counts, progress, problems } = job
  return {
    id,
    name,
    state,
    message,
    rows,
    counts,
    progress,
    problems: [...problems].slice(0, 200).map(([row, text]) => ({ row, message: text })),
  }
}

/** Every row's fate as CSV, while the import is remembered. */
export function streamFates(id: string): ReadableStream<Uint8Array> | undefined {
  const job = jobs.get(id)
  if (!job) return undefined
  const words: Record<string, string> = { n: 'new', t: 'there already', r: 'refused' }
  function* lines() {
    yield 'row,fate,reason\r\n'
    for (let start = 0; start < job!.fates.length; start += 1000) {
      const rows = job!.fates
        .slice(start, start + 1000)
        .map((letter, index) => [start + index + 2, words[letter], job!.problems.get(start + index + 2) ?? ''])
      yield `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`
    }
  }
  return Readable.toWeb(Readable.from(lines()).map((text: string) => Buffer.from(text))) as ReadableStream<Uint8Array>
}

/** Keeps an uploaded file aside and begins its dry run; the answer comes at once. */
export async function beginImport(
  name: string,
  body: ReadableStream<Uint8Array>,
): Promise<string | { refused: string }> {
  const id = newId()
  const folder = join(dataFolder(), 'imports')
  mkdirSync(folder, { recursive: true })
  const file = join(folder, `${id}.csv`)
  let size = 0
  const limit = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      size += chunk.length
      done(size > largestImport ? new Error('too large') : null, chunk)
    },
  })
  try {
    await pipeline(Readable.fromWeb(body as never), limit, createWriteStream(file))
  } catch {
    await rm(file, { force: true })
    return {
      refused:
        size > largestImport
          ? 'The file is larger than 200 MB. Split it.'
          : 'The file did not arrive whole. Send it again.',
    }
  }
  const job: Job = {
    id,
    name,
    state: 'reading',
    message: '',
    rows: 0,
    counts: { new: 0, there: 0, refused: 0 },
    progress: 0,
    file,
    fates: [],
    problems: new Map(),
  }
  jobs.set(id, job)
  for (const [old, { file: oldFile, state }] of jobs) {
    if (jobs.size <= mostJobs) break
    if (state === 'reading' || state === 'writing') continue
    jobs.delete(old)
    void rm(oldFile, { force: true })
  }
  void run(job, dryRun)
  return id
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
  void run(job, write)
  return undefined
}

async function run(job: Job, step: (job: Job) => Promise<void>): Promise<void> {
  try {
    await step(job)
  } catch (error) {
    console.error(error)
    job.state = 'failed'
    job.message = 'It could not be finished; nothing was written. The log of the server says more.'
  }
}

/** Rows of the file, with the share of it that has been read. */
async function* rowsOf(job: Job): AsyncGenerator<Record<string, string>> {
  const { size } = await stat(job.file)
  const source = createReadStream(job.file)
  const parsed = source.pipe(
    Papa.parse(Papa.NODE_STREAM_INPUT, {
      header: true,
      skipEmptyLines: 'greedy',
      transformHeader: (head: string) => head.trim().replace(/^\ufeff/, ''),
    }),
  )
  for await (const row of parsed as AsyncIterable<Record<string, string>>) {
    job.progress = size === 0 ? 1 : source.bytesRead / size
    yield row
  }
}

async function dryRun(job: Job): Promise<void> {
  const specimens = new Map(
    (await listAllSpecimens()).map((specimen) => [pathKey(pathOf(specimen)), { id: specimen.id, form: specimen.form }]),
  )
  const forms = new Map<string, string>()
  const acts = new Map<string, Set<string>>()
  for await (const row of rowsOf(job)) {
    if (job.rows === 0) {
      const missing = missingColumns(Object.keys(row))
      if (missing.length > 0) {
        job.state = 'failed'
        job.message = `The file lacks the ${missing.length === 1 ? 'column' : 'columns'} ${missing.join(', ')}.`
        return
      }
    }
    job.rows++
    const read = parseReadingRow(row)
    if (!read.ok) {
      refuse(job, read.problem.message)
      continue
    }
    const key = pathKey(read.value.path)
    const there = specimens.get(key)
    const form = there?.form ?? forms.get(key) ?? read.value.path.form
    forms.set(key, form)
    if (form !== read.value.path.form) {
      refuse(job, `This product is ${form}, not ${read.value.path.form}.`)
      continue
    }
    let done = acts.get(key)
    if (!done) acts.set(key, (done = there ? await actsOf(there.id) : new Set()))
    const act = sameAct(read.value)
    const fate = done.has(act) ? 'there' : 'new'
    done.add(act)
    job.fates.push(fate === 'new' ? 'n' : 't')
    job.counts[fate]++
  }
  job.progress = 1
  job.state = job.rows === 0 ? 'failed' : 'ready'
  if (job.rows === 0) job.message = 'There are no rows in this file.'
}

function refuse(job: Job, message: string): void {
  job.fates.push('r')
  job.counts.refused++
  job.problems.set(job.rows + 1, message)
}

async function actsOf(specimen: string): Promise<Set<string>> {
  const db = await database()
  const rows: { characteristic: string; at: string; typed: string }[] = await db('reading')
    .where({ specimen_id: specimen })
    .select('characteristic', 'at', 'typed')
  return new Set(rows.map(sameAct))
}

const batch = 60

async function write(job: Job): Promise<void> {
  const db = await database()
  await db.transaction(async (trx) => {
    const specimenId = await specimenFinder(trx)
    let rows: Record<string, unknown>[] = []
    const flush = async () => {
      if (rows.length > 0) await trx('reading').insert(rows)
      rows = []
    }
    let index = 0
    for await (const row of rowsOf(job)) {
      if (job.fates[index++] !== 'n') continue
      const read = parseReadingRow(row)
      if (!read.ok) throw new Error('The file has changed since its dry run.')
      rows.push(toTable(read.value, await specimenId(read.value.path)))
      if (rows.length === batch) await flush()
    }
    await flush()
  })
  job.progress = 1
  job.state = 'done'
  await rm(job.file, { force: true })
}

const toTable = (
  { characteristic, typed, value, unit, evidence, instrument, at, struck, note, source }: ImportedReading,
  specimen: string,
) => ({
  id: newId(),
  specimen_id: specimen,
  characteristic,
  typed,
  unit,
  number: value.number ?? null,
  text: value.text ?? null,
  groups: value.groups ? JSON.stringify(value.groups) : null,
  evidence,
  instrument_id: instrument,
  source,
  note,
  at,
  struck_at: struck,
})

/** Finds the specimen of a path, and makes what is missing on the way to it. */
async function specimenFinder(trx: Knex.Transaction): Promise<(path: SpecimenPath) => Promise<string>> {
  const known = new Map<string, string>()
  const findOrMake = async (
    table: string,
    match: Record<string, string>,
    rest: Record<string, unknown>,
  ): Promise<string> => {
    const found: { id: string } | undefined = await Object.entries(match)
      .reduce((query, [column, value]) => query.whereRaw('lower(??) = lower(?)', [column, value]), trx(table))
      .first('id')
    if (found) return found.id
    const id = newId()
    await trx(table).insert({ id, ...match, ...rest, created_at: now() })
    return id
  }
  return async (path) => {
    const key = pathKey(path)
    const before = known.get(key)
    if (before) return before
    const application = await findOrMake('application', { name: path.application }, { form: path.form })
    const brand = await findOrMake('brand', { name: path.brand }, {})
    const product = await findOrMake(
      'product',
      { application_id: application, brand_id: brand, part_number: path.partNumber },
      { form: path.form, tier: 'middle' },
    )
    const revision = await findOrMake('revision', { product_id: product, label: path.revision }, {})
    const specimen = await findOrMake('specimen', { revision_id: revision, label: path.specimen }, { got: 'bought' })
    known.set(key, specimen)
    return specimen
  }
}
