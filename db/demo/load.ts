import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { listApplications } from '#app/data/applications.server.ts'
import { closeDatabase } from '#app/data/database.server.ts'
import { databaseFileNames, dataFolder } from '#app/storage/data-folder.ts'
import { lockFolder } from '#app/storage/folder-lock.ts'
import { loadApplication } from './load-application.ts'
import { loadInstruments } from './load-instruments.ts'
import { loadMarket } from './load-market.ts'

const demoFile = (name: string): string => join(import.meta.dirname, name)

/** Loads the demo into an empty database; with `reset`, a database that is there is put aside first. */
export async function loadDemo({ reset }: { reset: boolean }): Promise<string> {
  if (reset) putAside()
  if ((await listApplications()).length > 0)
    return 'The database has work in it; it stays as it is. (bin/demo --reset puts it aside and loads the demo.)'
  try {
    return `Demo loaded: ${await loadAll()} readings, all invented.`
  } catch (error) {
    await closeDatabase()
    for (const file of databaseFileNames) rmSync(join(dataFolder(), file), { force: true })
    throw error
  }
}

/** Loads every file of the demo; returns how many readings there are. */
async function loadAll(): Promise<number> {
  const instruments = await loadInstruments(demoFile('instruments.json'))
  const products = new Map<string, string>()
  let readings = 0
  for (const name of ['skerry-1.1-d.json', 'brae-16p.json']) {
    const loaded = await loadApplication(demoFile(name), instruments)
    readings += loaded.readings
    for (const [partNumber, id] of loaded.products) products.set(partNumber, id)
  }
  await loadMarket(demoFile('market.json'), products)
  return readings
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
