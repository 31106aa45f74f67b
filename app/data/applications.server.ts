import type { FilterForm, SizeClass } from '#core/catalogue/index.ts'
import type { ServiceIntervals } from '#core/money/driver.ts'
import type { EngineTrouble } from '#core/figures/trouble.ts'
import type { Mounting } from '#core/kin/fitment-checks.ts'
import { foldName } from '#core/fold-name.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'
import type { RawInput } from './raw-input.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

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
  /** Room for a can, in height and across, and outer diameter of the gasket's land, m. */
  maxHeight: number | null
  maxDiameter: number | null
  gasketLand: number | null
  /** How its filter is mounted; empty where that is not known. */
  mounting: Mounting | ''
  note: string
  /** Of the filters that fit it; empty where their first sizes tell it. */
  sizeClass: SizeClass | ''
  /** What the engine is known for; empty for nothing. */
  trouble: EngineTrouble | ''
  /** What the engine's manual says, by duty. */
  serviceIntervals: ServiceIntervals
  rawInput: RawInput
  createdAt: string
  version: number
  /** 1 for one of the demo: it counts for no other. */
  demo: number
}

export type ApplicationFields = Omit<Application, 'createdAt' | 'version' | 'demo'>

interface ApplicationRow extends Omit<Application, 'serviceIntervals' | 'rawInput'> {
  nameKey: string
  serviceIntervals: string
  rawInput: string
}

const toApplication = ({ serviceIntervals, rawInput, nameKey: _, ...rest }: ApplicationRow): Application => ({
  ...rest,
  serviceIntervals: JSON.parse(serviceIntervals) as ServiceIntervals,
  rawInput: JSON.parse(rawInput) as RawInput,
})

export async function listApplications(): Promise<Application[]> {
  const db = await database()
  const rows: ApplicationRow[] = await db('application').where(whatIsShown('application')).orderBy('createdAt')
  return rows.map(toApplication)
}

/** Names of the latest applications, oldest first, so many at most; one that is named is among them. */
export async function listApplicationNames(named: string, most = 50): Promise<{ id: string; name: string }[]> {
  const db = await database()
  const latest = db('application')
    .where(whatIsShown('application'))
    .orderBy('createdAt', 'desc')
    .limit(most)
    .select('id')
  return db('application')
    .whereIn('id', db.from(latest.as('latest')).select('id'))
    .orWhere({ id: named })
    .orderBy('createdAt')
    .select('id', 'name')
}

/** A page of the applications, oldest first, and how many there are. */
export async function listApplicationsPage(
  page: number,
  size: number,
): Promise<{ applications: Application[]; total: number }> {
  const db = await database()
  const counted = await db('application').where(whatIsShown('application')).count({ total: 'id' }).first()
  const rows: ApplicationRow[] = await db('application')
    .where(whatIsShown('application'))
    .orderBy(['createdAt', 'id'])
    .offset((page - 1) * size)
    .limit(size)
  return { applications: rows.map(toApplication), total: Number(counted?.total ?? 0) }
}

export async function findApplication(id: string): Promise<Application | undefined> {
  const db = await database()
  const row: ApplicationRow | undefined = await db('application').where({ id }).first()
  return row && toApplication(row)
}

const toRow = (fields: ApplicationFields) => ({
  ...fields,
  nameKey: foldName(fields.name),
  serviceIntervals: JSON.stringify(fields.serviceIntervals),
  rawInput: JSON.stringify(fields.rawInput),
})

/** Adds an application. */
export const addApplication = (fields: ApplicationFields): Promise<Added> =>
  addOnce({ id: fields.id, content: fields }, (trx) =>
    trx('application').insert({ ...toRow(fields), createdAt: now() }),
  )

/** Changes an application of which a version was seen. */
export const changeApplication = (fields: ApplicationFields, version: number): Promise<Changed> =>
  changeSeen('application', { id: fields.id, version }, toRow(fields))

/** Removes an application that has no products. */
export async function removeApplication(id: string): Promise<'removed' | 'in-use'> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    if (await trx('product').where({ applicationId: id }).first()) return 'in-use'
    await trx('application').where({ id }).delete()
    return 'removed'
  })
}
