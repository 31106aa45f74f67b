import { existsSync, mkdirSync, renameSync } from 'node:fs'
import { join } from 'node:path'
import { listApplications } from '#app/data/applications.server.ts'
import { closeDatabase } from '#app/data/database.server.ts'
import { databaseFileNames, dataFolder } from '#app/storage/data-folder.ts'
import { lockFolder } from '#app/storage/folder-lock.ts'
import { loadAllOfDemo } from './load-all.ts'

/** Loads the demo into an empty database; with `reset`, a database that is there is put aside first. */
export async function loadDemo({ reset }: { reset: boolean }): Promise<string> {
  if (reset) putAside()
  if ((await listApplications()).length > 0)
    return 'The database has work in it; it stays as it is. (bin/demo --reset puts it aside and loads the demo.)'
  return `Demo loaded: ${await loadAllOfDemo()} readings, all invented.`
}

function putAside(): void {
  const folder = dataFolder()
  if (!existsSync(join(folder, 'plicator.sqlite'))) return
  const aside = join(folder, `before-reset-${new Date().toISOString().replace(/[:.]/g, '-')}`)
  mkdirSync(aside)
  for (const name of [...databaseFileNames, 'photos'])
    if (existsSync(join(folder, name))) renameSync(join(folder, name), join(aside, name))
}

if (process.argv[1] === import.meta.filename) {
  const lock = lockFolder('the loading of the demo')
  console.log(await loadDemo({ reset: process.argv.includes('--reset') }))
  await closeDatabase()
  lock.release()
}
