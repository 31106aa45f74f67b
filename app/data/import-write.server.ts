import { setImmediate as nextTurn } from 'node:timers/promises'
import type { Knex } from 'knex'
import { foldName } from '#core/fold-name.ts'
import { parseReadingRow, pathKey, type SpecimenPath } from '#core/exchange/readings-csv.ts'
import { now } from './clock.ts'
import { importDatabase } from './database.server.ts'
import { pathOf } from './exports.server.ts'
import { newId } from './id.ts'
import { rowResults, type ImportJob } from './import-job.ts'
import { importRows } from './import-rows.server.ts'
import { removeImportedReadings } from './import-table.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { toReadingRow } from './readings.server.ts'
import { listAllSpecimens } from './specimens.server.ts'

const rowsAtOnce = 100

/** Specimens that an import needs and that are not there yet, by the key of their path. */
type NewSpecimens = Map<string, { id: string; path: SpecimenPath }>

/**
 * Writes the new rows of an import, a few at a time, so that other work goes on. Nobody sees them until the last step,
 * which makes the specimens that were missing and shows all at once. A failure takes back what was written.
 */
export async function writeImport(job: ImportJob): Promise<void> {
  try {
    const added = await writeReadings(job)
    await showImport(job, added)
  } catch (error) {
    await removeImportedReadings(job.id)
    throw error
  }
}

async function writeReadings(job: ImportJob): Promise<NewSpecimens> {
  const db = await importDatabase()
  const instrumentIds = new Map([...(await instrumentsById()).values()].map(({ id, name }) => [name, id]))
  const known = new Map((await listAllSpecimens()).map((specimen) => [pathKey(pathOf(specimen)), specimen.id]))
  const added: NewSpecimens = new Map()
  let rows: Record<string, unknown>[] = []
  const flush = async () => {
    if (rows.length > 0) await db('reading').insert(rows)
    rows = []
    await nextTurn()
  }
  let index = 0
  const progress = (share: number) => {
    job.progress = share
  }
  for await (const row of importRows(job.file, progress)) {
    job.cancel.signal.throwIfAborted()
    if (rowResults[job.results[index++] ?? 0] !== 'new') continue
    const parsed = parseReadingRow(row)
    if (!parsed.ok) throw new Error('The file has changed since its dry run.')
    const { path, instrument, ...reading } = parsed.value
    const key = pathKey(path)
    const specimenId = known.get(key) ?? added.get(key)?.id ?? newId()
    if (!known.has(key)) added.set(key, { id: specimenId, path })
    const instrumentId = instrumentIds.get(instrument) ?? null
    rows.push({ ...toReadingRow({ id: newId(), specimenId, instrumentId, ...reading }), importId: job.id })
    if (rows.length === rowsAtOnce) await flush()
  }
  await flush()
  return added
}

/** Makes the specimens that are new, and shows what was written, in one transaction. */
async function showImport(job: ImportJob, added: NewSpecimens): Promise<void> {
  const db = await importDatabase()
  await db.transaction(async (trx) => {
    const finder = pathFinder(trx)
    for (const { id, path } of added.values()) {
      const there = await finder(path, id)
      // Somebody made it while the rows were being written.
      if (there !== id) await trx('reading').where({ importId: job.id, specimenId: id }).update({ specimenId: there })
    }
    const { rows, counts } = job
    await trx('import')
      .where({ id: job.id })
      .update({ state: 'done', message: '', rows, ...counts })
  })
}

/** Finds the specimen of a path, or makes it under the given id with all that is missing on the way to it. */
function pathFinder(trx: Knex.Transaction): (path: SpecimenPath, specimenId: string) => Promise<string> {
  const known = new Map<string, string>()
  const findOrAdd = async (table: string, place: Row, name: Row, rest: Row = {}, id = newId()): Promise<string> => {
    const [text = ''] = Object.values(name)
    const match = { ...place, nameKey: foldName(text) }
    const key = JSON.stringify([table, match])
    const before = known.get(key)
    if (before !== undefined) return before
    const found: { id: string } | undefined = await trx(table).where(match).first('id')
    if (!found) await trx(table).insert({ id, ...match, ...name, ...rest, createdAt: now() })
    known.set(key, found?.id ?? id)
    return found?.id ?? id
  }
  return async ({ application, brand, partNumber, revision, specimen, form }, specimenId) => {
    const applicationId = await findOrAdd('application', {}, { name: application }, { form })
    const brandId = await findOrAdd('brand', {}, { name: brand })
    const productId = await findOrAdd('product', { applicationId, brandId }, { partNumber }, { form, tier: 'middle' })
    const revisionId = await findOrAdd('revision', { productId }, { label: revision })
    return findOrAdd('specimen', { revisionId }, { label: specimen }, { acquisition: 'bought' }, specimenId)
  }
}

type Row = Record<string, string>
