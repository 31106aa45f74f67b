import type { Form } from '#core/catalogue/index.ts'
import type { Manual } from '#core/money/driver.ts'
import { database, isDuplicate, now } from './database.server.ts'

export interface Application {
  id: string
  name: string
  machine: string
  form: Form
  thread: string | null
  bypass: 'filter' | 'engine' | 'unknown'
  /** Pa, difference across the element. */
  bypassOpening: number | null
  /** K */
  oilCold: number | null
  oilHot: number | null
  /** Room for a can and outer diameter of the gasket's land, m. */
  maxHeight: number | null
  gasketLand: number | null
  note: string
  /** What the engine's manual says, by duty. */
  manual: Manual
  createdAt: string
}

export type ApplicationFields = Omit<Application, 'createdAt'>

type ApplicationRow = Omit<
  Application,
  'createdAt' | 'bypassOpening' | 'oilCold' | 'oilHot' | 'manual' | 'maxHeight' | 'gasketLand'
> & {
  manual: string
  max_height: number | null
  gasket_land: number | null
  created_at: string
  bypass_opening: number | null
  oil_cold: number | null
  oil_hot: number | null
}

const fromRow = ({
  created_at,
  bypass_opening,
  oil_cold,
  oil_hot,
  manual,
  max_height,
  gasket_land,
  ...rest
}: ApplicationRow): Application => ({
  ...rest,
  manual: JSON.parse(manual) as Manual,
  bypassOpening: bypass_opening,
  oilCold: oil_cold,
  oilHot: oil_hot,
  maxHeight: max_height,
  gasketLand: gasket_land,
  createdAt: created_at,
})

export async function listApplications(): Promise<Application[]> {
  const db = await database()
  return (await db<ApplicationRow>('application').orderBy('created_at')).map(fromRow)
}

export async function findApplication(id: string): Promise<Application | undefined> {
  const db = await database()
  const row = await db<ApplicationRow>('application').where({ id }).first()
  return row && fromRow(row)
}

/** Adds or changes an application; the same id twice changes nothing twice. */
export async function saveApplication({
  bypassOpening,
  oilCold,
  oilHot,
  manual,
  maxHeight,
  gasketLand,
  ...fields
}: ApplicationFields): Promise<'saved' | 'name-taken'> {
  const db = await database()
  try {
    await db('application')
      .insert({
        ...fields,
        bypass_opening: bypassOpening,
        oil_cold: oilCold,
        oil_hot: oilHot,
        manual: JSON.stringify(manual),
        max_height: maxHeight,
        gasket_land: gasketLand,
        created_at: now(),
      })
      .onConflict('id')
      .merge([
        'name',
        'machine',
        'form',
        'thread',
        'bypass',
        'note',
        'bypass_opening',
        'oil_cold',
        'oil_hot',
        'manual',
        'max_height',
        'gasket_land',
      ])
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'name-taken'
    throw error
  }
}

/** Removes an application that has no products. */
export async function removeApplication(id: string): Promise<'removed' | 'in-use'> {
  const db = await database()
  return db.transaction(async (trx) => {
    if (await trx('product').where({ application_id: id }).first()) return 'in-use'
    await trx('application').where({ id }).delete()
    return 'removed'
  })
}
