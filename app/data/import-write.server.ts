import { setImmediate as nextTurn } from 'node:timers/promises'
import type { Knex } from 'knex'
import type { PackagedLibrary } from '#core/datapackage/library-tables.ts'
import { foldName } from '#core/fold-name.ts'
import { parseReadingRow, pathKey, type SpecimenPath } from '#core/exchange/readings-csv.ts'
import { now } from './clock.ts'
import { importDatabase } from './database.server.ts'
import { pathOf } from './exports.server.ts'
import { newId } from './id.ts'
import { addLibrary, findSpecimenOfPath, rowFinder } from './import-library.server.ts'
import { rowResults, type ImportJob } from './import-job.ts'
import { importRows } from './import-rows.server.ts'
import { removeImportedReadings } from './import-table.server.ts'
import { instrumentsById } from './instruments.server.ts'
import { toReadingRow } from './readings.server.ts'
import { listAllSpecimens } from './specimens.server.ts'

const rowsAtOnce = 100

/** Specimens that an import needs and that are not there yet, by the key of their path. */
type NewSpecimens = Map<string, { id: string; path: SpecimenPath }>
/** Ids of instruments that come with a package and are not there yet, by name. */
type NewInstruments = Map<string, string>

/**
 * Writes the new rows of an import, a few at a time, so that other work goes on. Nobody sees them until the last step,
 * which makes the specimens that were missing and shows all at once. A failure takes back what was written.
 */
export async function writeImport(job: ImportJob): Promise<void> {
  try {
    const { specimens, instruments } = await writeReadings(job)
    await showImport(job, specimens, instruments)
  } catch (error) {
    await removeImportedReadings(job.id)
    throw error
  }
}

async function writeReadings(job: ImportJob): Promise<{ specimens: NewSpecimens; instruments: NewInstruments }> {
  const db = await importDatabase()
  const instrumentIds = new Map([...(await instrumentsById()).values()].map(({ id, name }) => [name, id]))
  const newInstruments: NewInstruments = new Map()
  for (const { instrument } of job.library?.instruments ?? [])
    if (!instrumentIds.has(instrument)) newInstruments.set(instrument, newId())
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
    const instrumentId = instrumentIds.get(instrument) ?? newInstruments.get(instrument) ?? null
    rows.push({ ...toReadingRow({ id: newId(), specimenId, instrumentId, ...reading }), importId: job.id })
    if (rows.length === rowsAtOnce) await flush()
  }
  await flush()
  return { specimens: added, instruments: newInstruments }
}

/** Makes the instruments that the readings of a package name and that are not there. */
async function addInstruments(
  trx: Knex.Transaction,
  importId: string,
  instruments: PackagedLibrary['instruments'],
  ids: NewInstruments,
): Promise<void> {
  for (const one of instruments) {
    const id = ids.get(one.instrument)
    if (id === undefined) continue
    const nameKey = foldName(one.instrument)
    const there: { id: string } | undefined = await trx('instrument').where({ nameKey }).first('id')
    if (there) await trx('reading').where({ importId, instrumentId: id }).update({ instrumentId: there.id })
    else
      await trx('instrument').insert({
        ...{ id, name: one.instrument, nameKey, kind: one.kind, createdAt: now() },
        ...{ resolution: one.resolution ?? 0, accuracy: one.accuracy ?? 0, rawInput: JSON.stringify(one['as typed']) },
      })
  }
}

/** Makes the specimens that are new, and shows what was written, in one transaction. */
async function showImport(job: ImportJob, added: NewSpecimens, instruments: NewInstruments): Promise<void> {
  const db = await importDatabase()
  await db.transaction(async (trx) => {
    const find = rowFinder(trx)
    if (job.library) {
      await addInstruments(trx, job.id, job.library.instruments, instruments)
      await addLibrary(trx, find, job.library, added)
    }
    for (const { id, path } of added.values()) {
      const there = await findSpecimenOfPath(find, path, id)
      // Somebody made it while the rows were being written.
      if (there !== id) await trx('reading').where({ importId: job.id, specimenId: id }).update({ specimenId: there })
    }
    const { rows, counts } = job
    await trx('import')
      .where({ id: job.id })
      .update({ state: 'done', message: '', rows, ...counts })
  })
}
