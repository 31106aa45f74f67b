import { rm } from 'node:fs/promises'
import type { Knex } from 'knex'
import { parseReadingRow, pathKey, type SpecimenPath } from '#core/exchange/readings-csv.ts'
import { now } from './clock.ts'
import { database } from './database.server.ts'
import { newId } from './id.ts'
import type { ImportJob } from './import-job.ts'
import { importRows } from './import-rows.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { toReadingRow } from './readings.server.ts'

const rowsAtOnce = 60

/** Writes the new rows of an import in one transaction. */
export async function writeImport(job: ImportJob): Promise<void> {
  const db = await database()
  const instrumentIds = new Map([...(await instrumentsById()).values()].map(({ id, name }) => [name, id]))
  await db.transaction(async (trx) => {
    const specimenIdOf = specimenFinder(trx)
    let rows: Record<string, unknown>[] = []
    const flush = async () => {
      if (rows.length > 0) await trx('reading').insert(rows)
      rows = []
    }
    let index = 0
    for await (const row of importRows(job)) {
      if (job.rowResults[index++] !== 'new') continue
      const parsed = parseReadingRow(row)
      if (!parsed.ok) throw new Error('The file has changed since its dry run.')
      const { path, instrument, ...reading } = parsed.value
      const specimenId = await specimenIdOf(path)
      const instrumentId = instrumentIds.get(instrument) ?? null
      rows.push(toReadingRow({ id: newId(), specimenId, instrumentId, ...reading }))
      if (rows.length === rowsAtOnce) await flush()
    }
    await flush()
  })
  job.progress = 1
  job.state = 'done'
  await rm(job.file, { force: true })
}

/** Finds the specimen of a path, and makes what is missing on the way to it. */
function specimenFinder(trx: Knex.Transaction): (path: SpecimenPath) => Promise<string> {
  const known = new Map<string, string>()
  return async (path) => {
    const key = pathKey(path)
    const before = known.get(key)
    if (before) return before
    const { form, partNumber } = path
    const applicationId = await findOrAdd(trx, 'application', { name: path.application }, { form })
    const brandId = await findOrAdd(trx, 'brand', { name: path.brand })
    const productId = await findOrAdd(trx, 'product', { applicationId, brandId, partNumber }, { form, tier: 'middle' })
    const revisionId = await findOrAdd(trx, 'revision', { productId, label: path.revision })
    const specimenId = await findOrAdd(trx, 'specimen', { revisionId, label: path.specimen }, { acquisition: 'bought' })
    known.set(key, specimenId)
    return specimenId
  }
}

/** The id of the row that matches in any case; a new row when there is none. */
async function findOrAdd(
  trx: Knex.Transaction,
  table: string,
  match: Record<string, string>,
  rest: Record<string, string> = {},
): Promise<string> {
  const query = trx(table)
  for (const [column, value] of Object.entries(match)) void query.whereRaw('lower(??) = lower(?)', [column, value])
  const found: { id: string } | undefined = await query.first('id')
  if (found) return found.id
  const id = newId()
  await trx(table).insert({ id, ...match, ...rest, createdAt: now() })
  return id
}
