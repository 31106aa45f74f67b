import type { Driver } from '#core/money/driver.ts'
import { foldName } from '#core/fold-name.ts'
import { now } from './clock.ts'
import { whatIsShown } from './demo.server.ts'
import { database, writableDatabase } from './database.server.ts'
import type { RawInput } from './raw-input.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

export interface StoredDriver extends Driver {
  rawInput: RawInput
  version: number
}

export type DriverFields = Omit<StoredDriver, 'version'>

interface DriverRow extends Omit<StoredDriver, 'habit' | 'rawInput'> {
  habitDistance: number | null
  habitMonths: number | null
  habitHours: number | null
  meetsOil: number
  rawInput: string
  createdAt: string
  nameKey: string
}

const toDriver = ({
  habitDistance,
  habitMonths,
  habitHours,
  meetsOil: _meets,
  rawInput,
  createdAt: _,
  nameKey: _key,
  ...rest
}: DriverRow): StoredDriver => ({
  ...rest,
  habit: { distance: habitDistance, months: habitMonths, ...(habitHours !== null && { hours: habitHours }) },
  rawInput: JSON.parse(rawInput) as RawInput,
})

/** Driver profiles, oldest first. */
export async function listDrivers(): Promise<StoredDriver[]> {
  const db = await database()
  const rows: DriverRow[] = await db('driver').where(whatIsShown('driver')).orderBy(['createdAt', 'name'])
  return rows.map(toDriver)
}

const toRow = ({ habit, rawInput, ...rest }: DriverFields) => ({
  ...rest,
  nameKey: foldName(rest.name),
  habitDistance: habit.distance,
  habitMonths: habit.months,
  habitHours: habit.hours ?? null,
  rawInput: JSON.stringify(rawInput),
})

/** Adds a driver. */
export const addDriver = (fields: DriverFields): Promise<Added> =>
  addOnce({ id: fields.id, content: fields }, (trx) => trx('driver').insert({ ...toRow(fields), createdAt: now() }))

/** Changes a driver of which a version was seen. */
export const changeDriver = (fields: DriverFields, version: number): Promise<Changed> =>
  changeSeen('driver', { id: fields.id, version }, toRow(fields))

export async function removeDriver(id: string): Promise<void> {
  const db = await writableDatabase()
  await db('driver').where({ id }).delete()
}
