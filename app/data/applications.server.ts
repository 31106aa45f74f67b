import type { FilterForm } from '#core/catalogue/index.ts'
import type { ServiceIntervals } from '#core/money/driver.ts'
import { database, savedUnlessTaken, upsert } from './database.server.ts'
import type { RawInput } from './raw-input.ts'

export interface Application {
  id: string
  name: string
  machine: string
  form: FilterForm
  thread: string | null
  bypass: 'filter' | 'engine' | 'unknown'
  /** Pa, difference across the element. */
  bypassOpening: number | null
  /** K */
  oilTemperatureMin: number | null
  oilTemperatureMax: number | null
  /** Room for a can and outer diameter of the gasket's land, m. */
  maxHeight: number | null
  gasketLand: number | null
  note: string
  /** What the engine's manual says, by duty. */
  serviceIntervals: ServiceIntervals
  rawInput: RawInput
  createdAt: string
}

export type ApplicationFields = Omit<Application, 'createdAt'>

interface ApplicationRow extends Omit<Application, 'serviceIntervals' | 'rawInput'> {
  serviceIntervals: string
  rawInput: string
}

const toApplication = ({ serviceIntervals, rawInput, ...rest }: ApplicationRow): Application => ({
  ...rest,
  serviceIntervals: JSON.parse(serviceIntervals) as ServiceIntervals,
  rawInput: JSON.parse(rawInput) as RawInput,
})

export async function listApplications(): Promise<Application[]> {
  const db = await database()
  const rows: ApplicationRow[] = await db('application').orderBy('createdAt')
  return rows.map(toApplication)
}

export async function findApplication(id: string): Promise<Application | undefined> {
  const db = await database()
  const row: ApplicationRow | undefined = await db('application').where({ id }).first()
  return row && toApplication(row)
}

/** Adds or changes an application; the same id twice changes nothing twice. */
export async function saveApplication(fields: ApplicationFields): Promise<'saved' | 'taken'> {
  const db = await database()
  const row = {
    ...fields,
    serviceIntervals: JSON.stringify(fields.serviceIntervals),
    rawInput: JSON.stringify(fields.rawInput),
  }
  return savedUnlessTaken(() => upsert(db, 'application', row))
}

/** Removes an application that has no products. */
export async function removeApplication(id: string): Promise<'removed' | 'in-use'> {
  const db = await database()
  return db.transaction(async (trx) => {
    if (await trx('product').where({ applicationId: id }).first()) return 'in-use'
    await trx('application').where({ id }).delete()
    return 'removed'
  })
}
