import type { Driver } from '#core/money/driver.ts'
import { database, isDuplicate, now } from './database.server.ts'

interface DriverRow extends Omit<Driver, 'habit' | 'oilHot' | 'meetsOil'> {
  habit_distance: number | null
  habit_months: number | null
  oil_hot: number | null
  meets_oil: number
}

/** Driver profiles, oldest first. */
export async function listDrivers(): Promise<Driver[]> {
  const db = await database()
  const rows: (DriverRow & { created_at: string })[] = await db('driver').orderBy(['created_at', 'name'])
  return rows.map(
    ({ habit_distance, habit_months, oil_hot, meets_oil, id, name, distance, duty, climate, position, vehicles }) => ({
      id,
      name,
      distance,
      duty,
      climate,
      position,
      vehicles,
      habit: { distance: habit_distance, months: habit_months },
      oilHot: oil_hot,
      meetsOil: Boolean(meets_oil),
    }),
  )
}

/** Adds or changes a driver. */
export async function saveDriver({ id, habit, oilHot, meetsOil, ...rest }: Driver): Promise<'saved' | 'name-taken'> {
  const db = await database()
  const row = {
    ...rest,
    habit_distance: habit.distance,
    habit_months: habit.months,
    oil_hot: oilHot,
    meets_oil: meetsOil,
  }
  try {
    await db('driver')
      .insert({ id, ...row, created_at: now() })
      .onConflict('id')
      .merge(Object.keys(row))
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'name-taken'
    throw error
  }
}

export async function removeDriver(id: string): Promise<void> {
  const db = await database()
  await db('driver').where({ id }).delete()
}
