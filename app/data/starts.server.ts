import type { StationKey } from '#core/catalogue/index.ts'
import { database } from './database.server.ts'

/** When a station of a specimen began. */
export interface Start {
  station: StationKey
  /** UTC, ISO 8601. */
  at: string
}

export async function listStarts(specimen: string): Promise<Start[]> {
  const db = await database()
  return db('station_start').where({ specimen_id: specimen }).orderBy('at').select('station', 'at')
}
