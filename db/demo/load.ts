import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { listApplications } from '#app/data/applications.server.ts'
import { database, dataFolder } from '#app/data/database.server.ts'
import { loadApplication } from './load-application.ts'
import { loadInstruments } from './load-instruments.ts'
import { loadMarket } from './load-market.ts'

/** SQLite keeps a database in one file and up to two beside it. */
const databaseFiles = ['plicator.sqlite', 'plicator.sqlite-wal', 'plicator.sqlite-shm']

const demoFile = (name: string): string => join(import.meta.dirname, name)

/** Loads the demo into an empty database; with `reset`, a database that is there is put aside first. */
export async function loadDemo({ reset }: { reset: boolean }): Promise<string> {
  if (reset) putAside()
  if ((await listApplications()).length > 0)
    return 'The database has work in it; it stays as it is. (bin/demo --reset puts it aside and loads the demo.)'
  try {
    return `Demo loaded: ${await loadAll()} readings, all invented.`
  } catch (error) {
    await (await database()).destroy()
    for (const file of databaseFiles) rmSync(join(dataFolder(), file), { force: true })
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
  for (const name of [...databaseFiles, 'photos'])
    if (existsSync(join(folder, name))) renameSync(join(folder, name), join(aside, name))
}

if (process.argv[1] === import.meta.filename) {
  console.log(await loadDemo({ reset: process.argv.includes('--reset') }))
  await (await database()).destroy()
}
