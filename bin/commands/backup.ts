import { existsSync } from 'node:fs'
import { makeBackup } from '#app/storage/backups.ts'
import { databaseFile } from '#app/storage/data-folder.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import { calledFrom, runCommand } from './run-command.ts'

await runCommand(async () => {
  const [to, ...more] = process.argv.slice(2)
  if (more.length > 0) throw new Error('bin/backup takes one name of a file, or none.')
  if (!existsSync(databaseFile())) throw new Error(`There is nothing to back up: ${databaseFile()} is not there.`)
  if (to && existsSync(calledFrom(to))) throw new Error(`${to} is there already; it stays. Give another name.`)
  const { file, manifest } = await makeBackup('by-hand', { withPhotos: true, ...(to && { to: calledFrom(to) }) })
  console.log(`${file}\nWritten and checked: ${describeContents(manifest.contents)}.`)
})
