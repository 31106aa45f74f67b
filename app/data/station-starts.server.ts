import type { StationKey } from '#core/catalogue/index.ts'
import { database } from './database.server.ts'

/** When a station of a specimen began. */
export interface StationStart {
  station: StationKey
  /** UTC, ISO 8601. */
  startedAt: string
}

export async function listStationStarts(specimenId: string): Promise<StationStart[]> {
  const db = await database()
  return db('stationStart').where({ specimenId }).orderBy('startedAt').select('station', 'startedAt')
}
