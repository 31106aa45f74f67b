import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'
import { addOnce, type Added } from './records.server.ts'

/** What is meant to be done on a day. */
export interface PlannedDay {
  id: string
  /** ISO 8601. */
  day: string
  words: string
  /** Of which engine; null for none. */
  applicationId: string | null
  applicationName: string | null
  /** Moment, ISO 8601. */
  doneAt: string | null
}

/** What is planned and not done, and what was done from a moment on; the earliest first. */
export async function listPlannedDays(doneFrom: string): Promise<PlannedDay[]> {
  const db = await database()
  return db('plannedDay')
    .leftJoin('application', 'application.id', 'plannedDay.applicationId')
    .where((query) => void query.whereNull('applicationId').orWhere(whatIsShown('application')))
    .whereNull('droppedAt')
    .where((query) => void query.whereNull('doneAt').orWhere('doneAt', '>=', doneFrom))
    .orderBy(['day', 'plannedDay.createdAt'])
    .select('plannedDay.id', 'day', 'words', 'applicationId', 'application.name as applicationName', 'doneAt')
}

type PlannedDayFields = Pick<PlannedDay, 'id' | 'day' | 'words' | 'applicationId'>

export const addPlannedDay = (fields: PlannedDayFields): Promise<Added> =>
  addOnce({ id: fields.id, content: fields }, (trx) => trx('plannedDay').insert({ ...fields, createdAt: now() }))

/** It was done, or was not after all. */
export async function setDone(id: string, isDone: boolean): Promise<void> {
  const db = await writableDatabase()
  await db('plannedDay')
    .where({ id })
    .update({ doneAt: isDone ? now() : null })
}

/** Takes a day off the plan, or brings it back. */
export async function setDayDropped(id: string, isDropped: boolean): Promise<void> {
  const db = await writableDatabase()
  await db('plannedDay')
    .where({ id })
    .update({ droppedAt: isDropped ? now() : null })
}
