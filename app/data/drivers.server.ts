import type { Driver } from '#core/money/driver.ts'
import { database, savedUnlessTaken, upsert } from './database.server.ts'
import type { RawInput } from './raw-input.ts'

export interface StoredDriver extends Driver {
  rawInput: RawInput
}

interface DriverRow extends Omit<StoredDriver, 'habit' | 'meetsOil' | 'rawInput'> {
  habitDistance: number | null
  habitMonths: number | null
  meetsOil: number
  rawInput: string
  createdAt: string
}

const toDriver = ({
  habitDistance,
  habitMonths,
  meetsOil,
  rawInput,
  createdAt: _,
  ...rest
}: DriverRow): StoredDriver => ({
  ...rest,
  habit: { distance: habitDistance, months: habitMonths },
  meetsOil: Boolean(meetsOil),
  rawInput: JSON.parse(rawInput) as RawInput,
})

/** Driver profiles, oldest first. */
export async function listDrivers(): Promise<StoredDriver[]> {
  const db = await database()
  const rows: DriverRow[] = await db('driver').orderBy(['createdAt', 'name'])
  return rows.map(toDriver)
}

/** Adds or changes a driver. */
export async function saveDriver({ habit, rawInput, ...rest }: StoredDriver): Promise<'saved' | 'taken'> {
  const db = await database()
  const row = {
    ...rest,
    habitDistance: habit.distance,
    habitMonths: habit.months,
    rawInput: JSON.stringify(rawInput),
  }
  return savedUnlessTaken(() => upsert(db, 'driver', row))
}

export async function removeDriver(id: string): Promise<void> {
  const db = await database()
  await db('driver').where({ id }).delete()
}
