import { existsSync } from 'node:fs'
import { closeDatabase, database } from '#app/data/database.server.ts'
import { makeBackup } from '#app/storage/backups.ts'
import { databaseFile } from '#app/storage/data-folder.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import { examine } from '#app/storage/doctor.ts'
import { lockFolder } from '#app/storage/folder-lock.ts'
import { runCommand } from './run-command.ts'

await runCommand(async () => {
  if (!existsSync(databaseFile())) return console.log('There are no data yet: nothing to bring up to date.')
  const lock = lockFolder('bin/upgrade')
  try {
    const { file, manifest } = await makeBackup('by-hand', { withPhotos: true })
    console.log(`Backed up: ${file}, ${describeContents(manifest.contents)}.`)
    await database()
    await closeDatabase()
    console.log('The database has the form of this version.')
  } finally {
    lock.release()
  }
  const wrong = (await examine()).filter(({ state }) => state === 'bad')
  for (const { what, says } of wrong) console.error(`${what}: ${says}`)
  if (wrong.length > 0) throw new Error('Something is wrong with the data. bin/restore goes back to the backup.')
  console.log('Looked over: nothing is wrong.')
})
