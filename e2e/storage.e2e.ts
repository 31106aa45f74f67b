import { execFile } from 'node:child_process'
import { existsSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import SqliteFile from 'better-sqlite3'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { fill, openPage, press, sees, startApp, visit, withFaults, words, type App } from './app.ts'

let app: App
let page: Page

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
})
afterAll(() => app.stop())

const file = (name: string): string => join(app.data, name)
const root = join(import.meta.dirname, '..')

/** Runs a command of the repository on the data of the app; says what it prints and how it ends. */
async function run(command: string, ...more: string[]): Promise<{ code: number; says: string }> {
  const env = { ...process.env, PLICATOR_DATA: app.data, PORT: '0' }
  try {
    const { stdout, stderr } = await promisify(execFile)(command, more, { cwd: root, env })
    return { code: 0, says: stdout + stderr }
  } catch (error) {
    const { code, stdout, stderr } = error as { code: number; stdout: string; stderr: string }
    return { code, says: stdout + stderr }
  }
}

async function addBrand(name: string): Promise<void> {
  await visit(page, `${app.url}/library`)
  await fill(page, 'New brand', name)
  await press(page, 'button', 'Add the brand')
  await sees(page, `${name} (0)`)
}

const hasBrand = async (name: string): Promise<boolean> => {
  await visit(page, `${app.url}/library`)
  return (await words(page)).includes(`${name} (0)`)
}

const newestBackup = (): string =>
  readdirSync(file('backups'))
    .filter((name) => name.endsWith('.tar'))
    .map((name) => file(`backups/${name}`))
    .sort()
    .at(-1)!

describe('backups', () => {
  test('one is made, shown with what it holds, and brings back what was there', async () => {
    await visit(page, `${app.url}/backups`)
    await sees(page, 'No backup yet')
    await press(page, 'button', 'Back up now')
    await sees(page, 'Written and checked: ')
    await sees(page, 'The newest: just now')
    await sees(page, 'all of it')

    await addBrand('Afterwards')
    await visit(page, `${app.url}/backups`)
    const restore = await page.waitForSelector('button[aria-label^="Restore the backup of"]')
    await restore!.click()
    await press(page, 'button', 'Restore it')
    await sees(page, 'It is in place')
    await sees(page, 'Set aside by a restore or a reset')
    expect(await hasBrand('Afterwards')).toBe(false)
    expect(existsSync(file('backups'))).toBe(true)
  })

  test('what the app makes by itself can be set, and stays set', async () => {
    await visit(page, `${app.url}/backups`)
    await page.select('label:has(select) select', 'off')
    await page.waitForFunction(() => document.readyState === 'complete')
    await new Promise((resolve) => setTimeout(resolve, 300))
    await visit(page, `${app.url}/backups`)
    expect(await page.$eval('label:has(select) select', (select) => (select as HTMLSelectElement).value)).toBe('off')
  })

  test('one from elsewhere is taken in once it is whole; another file is refused', async () => {
    await visit(page, `${app.url}/backups`)
    const input = (await page.$('#backup')) as unknown as { uploadFile(path: string): Promise<void> }
    const broken = file('broken.tar')
    writeFileSync(broken, readFileSync(newestBackup()).subarray(0, 90_000))
    await input.uploadFile(broken)
    await sees(page, 'This backup is not whole')
    await input.uploadFile(newestBackup())
    await sees(page, 'It is whole, and stands in the list above.')
  })

  test('bin/backup works beside the server, bin/restore refuses to', async () => {
    const made = await run('bin/backup')
    expect(made).toMatchObject({ code: 0, says: expect.stringContaining('Written and checked') as string })
    const refused = await run('bin/restore', newestBackup())
    expect(refused.code).toBe(1)
    expect(refused.says).toContain(`is in use by the server at ${app.url}`)
    expect((await run('bin/doctor')).code).toBe(0)
  })
})

test('a second server of the same folder says who has it, and ends', async () => {
  const second = await run('node', 'bin/serve.mjs')
  expect(second.code).toBe(1)
  expect(second.says).toContain(`is in use by the server at ${app.url}`)
})

/** The server ends while no page asks anything of it. */
async function serverGoes(): Promise<void> {
  await page.goto('about:blank')
  await app.server.goes('SIGTERM')
}

test('told to stop, it closes the database: a copy of the one file is all of it', async () => {
  await addBrand('Last thing')
  await serverGoes()
  expect(existsSync(file('plicator.sqlite-wal'))).toBe(false)
  const database = new SqliteFile(file('plicator.sqlite'), { readonly: true })
  expect(database.prepare("select count(*) from brand where name = 'Last thing'").pluck().get()).toBe(1)
  database.close()
  await app.server.comesBack()
})

describe('when the database cannot be used, a page says why in plain words, and the app recovers', () => {
  /** Does it while the server is away, looks at what the pages say, mends it, and sees that all is well again. */
  async function told(breakIt: () => () => void, title: string): Promise<void> {
    await serverGoes()
    const mend = breakIt()
    await app.server.comesBack()
    await withFaults(async () => {
      for (const path of ['/', '/library', '/bench', '/method/edit']) {
        await visit(page, app.url + path)
        await sees(page, title)
        await sees(page, 'What is safe.')
        await sees(page, 'What to do.')
      }
      mend()
      await visit(page, `${app.url}/library`)
      await sees(page, 'New brand')
    })
  }

  test('another program holds it', () =>
    told(() => {
      const other = new SqliteFile(file('plicator.sqlite'))
      other.pragma('locking_mode = EXCLUSIVE')
      other.exec('begin exclusive')
      return () => void other.close()
    }, 'The database is in use by another program'))

  test('it was written by a newer app', () =>
    told(() => {
      const change = (sql: string) => {
        const database = new SqliteFile(file('plicator.sqlite'))
        database.exec(sql)
        database.close()
      }
      change("insert into knex_migrations (name, batch) values ('999_later', 9)")
      return () => change("delete from knex_migrations where name = '999_later'")
    }, 'The database is from a newer Plicator'))

  test('it is damaged: what can be read is offered, and the newest backup brings the rest', async () => {
    await serverGoes()
    const whole = readFileSync(file('plicator.sqlite'))
    writeFileSync(file('plicator.sqlite'), Buffer.concat([Buffer.alloc(4096, 7), whole.subarray(4096)]))
    await app.server.comesBack()
    await withFaults(async () => {
      await visit(page, app.url)
      await sees(page, 'The database is damaged')
      await press(page, 'link', 'Backups')
      await sees(page, 'Save what can be read')
      const zip = await page.evaluate(async () => (await fetch('/backups/readable.zip')).status)
      expect(zip).toBe(200)
      expect((await run('bin/doctor')).code).toBe(1)
      const restore = await page.waitForSelector('button[aria-label^="Restore the backup of"]')
      await restore!.click()
      await press(page, 'button', 'Restore it')
      await sees(page, 'It is in place')
      await visit(page, app.url)
      await sees(page, 'Skerry 1.1 D')
    })
  })
})

test('an import that the server left behind says so', async () => {
  await serverGoes()
  const database = new SqliteFile(file('plicator.sqlite'))
  database.exec("insert into import (id, name, state, created_at) values ('halfimport1', 'half.csv', 'writing', '')")
  database.close()
  writeFileSync(file('imports/halfimport1.csv'), 'left')
  await app.server.comesBack()
  await visit(page, `${app.url}/import/halfimport1`)
  await sees(page, 'The server ended while this import was under way. Nothing of it was written.')
  expect(readdirSync(file('imports'))).toEqual([])
  rmSync(file('broken.tar'), { force: true })
})
