import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { dataFolder } from '#app/storage/data-folder.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import { lockFolder } from '#app/storage/folder-lock.ts'
import { finishRestore, restoreArchive } from '#app/storage/restore.ts'
import { calledFrom, runCommand } from './run-command.ts'

await runCommand(async () => {
  const [name, ...more] = process.argv.slice(2)
  if (!name || more.length > 0) throw new Error('Say which: bin/restore file')
  const file = calledFrom(name)
  if (!existsSync(file)) throw new Error(`${name} is not there.`)
  const lock = lockFolder('bin/restore')
  try {
    finishRestore()
    const { manifest, before, after, aside } = await restoreArchive(file)
    console.log(`Before: ${before ? describeContents(before) : 'nothing that could be read'}.`)
    console.log(`Now:    ${describeContents(after)}, as of ${manifest.madeAt}.`)
    if (!manifest.withPhotos) console.log('This backup has no pictures in it: those that were there stay.')
    if (existsSync(join(dataFolder(), aside))) console.log(`What was there lies in ${join(dataFolder(), aside)}.`)
  } finally {
    lock.release()
  }
})
