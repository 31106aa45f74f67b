import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { millisecondsPerDay } from '#core/calendar.ts'
import { listBackups } from '#app/storage/backups.ts'
import { demoDatabase, newReading } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from './applications.server.ts'
import { saveBackupSetting } from './backup-setting.server.ts'
import { backUpNow, backupOverview, restoreBackup, takeInBackup } from './backups.server.ts'
import { backUpPublished, backUpWhenDue } from './daily-backup.server.ts'
import { database } from './database.server.ts'
import { loadLineup } from './lineup-data.server.ts'
import { addReading, listReadings } from './readings.server.ts'
import { listSpecimens } from './specimens.server.ts'
import { summariesOf } from './summaries.server.ts'

const folder = demoDatabase()

const newest = async () => (await listBackups())[0]!

test('one a day, as long as it is wanted', async () => {
  expect(await backUpWhenDue()).toBe(true)
  expect(await backUpWhenDue()).toBe(false)
  expect((await newest()).manifest).toMatchObject({ kind: 'daily', withPhotos: false })
  expect(await backUpWhenDue(Date.now() + millisecondsPerDay)).toBe(true)
  await saveBackupSetting('off')
  expect(await backUpWhenDue(Date.now() + 3 * millisecondsPerDay)).toBe(false)
  await saveBackupSetting('with-photos')
  await backUpPublished()
  expect((await newest()).manifest).toMatchObject({ kind: 'published', withPhotos: true })
  expect((await backupOverview()).setting).toBe('with-photos')
})

test('restored while the app runs, nothing that was known of the later state is shown again', async () => {
  const [application] = await listApplications()
  const { id: specimenId } = (await listSpecimens(application!.id))[0]!
  const seen = async () => ({
    readings: (await listReadings(specimenId)).length,
    lineup: (await loadLineup(application!.id, false))!.evaluation,
    summaries: await summariesOf([application!.id]),
  })
  const before = await seen()
  await backUpNow(true)
  const { name } = await newest()
  for (let turn = 0; turn < 3; turn++)
    await addReading(newReading({ specimenId, characteristic: 'can.wall', valueNumber: 0.0009 }))
  expect((await seen()).lineup).not.toBe(before.lineup)
  const asking = database()
  const restored = await restoreBackup(name)
  await asking
  expect(restored).toMatchObject({ ok: true, value: { before: { readings: expect.any(Number) as number } } })
  expect(await seen()).toEqual(before)
})

test('what is asked while a backup is put in place is told so, and is answered afterwards', async () => {
  await backUpNow(false)
  const { name } = await newest()
  const restoring = restoreBackup(name)
  await expect(database()).rejects.toThrow('A backup is being put in place')
  await restoring
  expect((await listApplications()).length).toBe(2)
})

test('one that is not there, and one that is none, change nothing', async () => {
  const before = readdirSync(join(folder, 'backups'))
  expect(await restoreBackup('nothere.tar')).toMatchObject({ ok: false })
  expect(await takeInBackup(new Response('no backup').body!)).toMatchObject({ ok: false })
  expect(readdirSync(join(folder, 'backups'))).toEqual(before)
  expect((await listApplications()).length).toBe(2)
})

test('one that was kept elsewhere is taken in', async () => {
  const kept = readFileSync(join(folder, 'backups', (await newest()).name))
  const taken = await takeInBackup(new Response(kept).body!)
  expect(taken).toMatchObject({ ok: true })
  expect(await restoreBackup(taken.ok ? taken.value : '')).toMatchObject({ ok: true })
})
