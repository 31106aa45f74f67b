import { z } from 'zod'
import { database, writableDatabase } from './database.server.ts'

export const backupSettings = ['off', 'database', 'with-photos'] as const

/** What the app backs up by itself, every day and at each publication. */
export type BackupSetting = (typeof backupSettings)[number]

const schema = z.enum(backupSettings).catch('database')

export async function readBackupSetting(): Promise<BackupSetting> {
  const db = await database()
  const row: { value: string } | undefined = await db('setting').where({ key: 'backups' }).first('value')
  return schema.parse(row?.value)
}

export async function saveBackupSetting(value: BackupSetting): Promise<void> {
  const db = await writableDatabase()
  await db('setting').insert({ key: 'backups', value }).onConflict('key').merge()
}
