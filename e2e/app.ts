import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import puppeteer, { type Browser, type ElementHandle, type KeyInput, type Page } from 'puppeteer-core'
import { browserOptions } from './browser.ts'
import { bringDemo } from './demo.ts'
import { pressUntilHit } from './press.ts'

const root = join(import.meta.dirname, '..')

/** So long a slow machine may take until the screen says something, in milliseconds. */
const patience = 40_000

export interface App {
  url: string
  browser: Browser
  /** The data folder. */
  data: string
  /** What was printed at the start. */
  said: string
  /** Takes the server away, and brings it back with the same data. */
  server: { goes(signal?: NodeJS.Signals): Promise<void>; comesBack(): Promise<void> }
  stop(): Promise<void>
}

/** The built app on a free port with a database of its own, and a browser beside it. */
export async function startApp({ demo, env: more = {} }: { demo: boolean; env?: NodeJS.ProcessEnv }): Promise<App> {
  const data = mkdtempSync(join(tmpdir(), 'plicator-e2e-'))
  const port = await freePort()
  const env = { ...process.env, PLICATOR_DATA: data, PORT: String(port), NODE_ENV: 'production', ...more }
  if (demo) bringDemo(data, env)
  const serve = () => spawn('node', ['bin/serve.mjs'], { cwd: root, env, stdio: ['ignore', 'pipe', 'inherit'] })
  let server = serve()
  const said = await started(server)
  const browser = await puppeteer.launch(browserOptions)
  return {
    url: `http://127.0.0.1:${port}`,
    browser,
    data,
    said,
    server: {
      async goes(signal = 'SIGKILL') {
        const gone = new Promise((resolve) => server.on('exit', resolve))
        server.kill(signal)
        await gone
      },
      async comesBack() {
        server = serve()
        await started(server)
      },
    },
    async stop() {
      await browser.close()
      server.kill()
      rmSync(data, { recursive: true, force: true })
    },
  }
}

const started = (server: ChildProcess): Promise<string> =>
  new Promise((resolve, reject) => {
    let said = ''
    server.stdout!.on('data', (text: Buffer) => {
      said += String(text)
      if (said.includes('Plicator is at')) resolve(said)
    })
    server.on('exit', (code) => reject(new Error(`The server ended with ${code}`)))
  })

export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })

const faults: string[] = []

/** What went wrong on the pages since it was asked last: a test that leaves any has failed. */
export const takeFaults = (): string[] => faults.splice(0)

/**
 * A form that is refused, or that another has saved meanwhile, is an answer, and so is a request that the page itself
 * gave up.
 */
const isAnswer = (status: number): boolean => status < 400 || status === 409 || status === 422

/** The window of a laptop at a bench. */
export const usualWindow = { width: 1280, height: 800 }

/** A window in which every row and column of a line-up of the demo is in sight, and so is drawn. */
export const wholeLineup = { width: 2600, height: 4200 }

/** A page whose faults fail the test: an uncaught error, an error on the console, a request that failed. */
export async function openPage({ url, browser }: App, path: string): Promise<Page> {
  const page = await browser.newPage()
  await page.setViewport(usualWindow)
  page.setDefaultTimeout(patience)
  page.on('pageerror', (error) => {
    // React Router gives up loads that a later one has overtaken, and says so nowhere else.
    if (!String(error).includes('AbortError')) faults.push(`uncaught: ${String(error)}`)
  })
  page.on('console', (message) => {
    const isOfRequest = message.text().startsWith('Failed to load resource')
    if (message.type() === 'error' && !isOfRequest) faults.push(`console: ${message.text()}`)
  })
  page.on('requestfailed', (request) => {
    const reason = request.failure()?.errorText ?? ''
    if (reason !== 'net::ERR_ABORTED') faults.push(`${reason}: ${request.url()}`)
  })
  page.on('response', (response) => {
    if (!isAnswer(response.status())) faults.push(`${response.status()}: ${response.url()}`)
  })
  page.on('dialog', (dialog) => {
    // Asked where a form is left with changes; any other would be a fault.
    if (dialog.type() === 'beforeunload') return void dialog.accept()
    faults.push(`dialog: ${dialog.message()}`)
    void dialog.dismiss()
  })
  await page.evaluateOnNewDocument(() => {
    document.addEventListener('securitypolicyviolation', ({ violatedDirective, blockedURI, sourceFile, lineNumber }) =>
      console.error(`policy: ${violatedDirective} ${blockedURI} at ${sourceFile}:${lineNumber}`),
    )
  })
  await visit(page, url + path)
  return page
}

/** Does what is meant to go wrong, and says what did. */
export async function withFaults(act: () => Promise<unknown>): Promise<string[]> {
  if (faults.length > 0) throw new Error(faults.join('\n'))
  await act()
  return takeFaults()
}

/**
 * How many acts of the bench this browser keeps that the server has not answered; what it refused waits for the user.
 */
const waitingActs = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    if (location.protocol !== 'http:') return 0
    const known = await indexedDB.databases()
    if (!known.some(({ name }) => name === 'plicator')) return 0
    return new Promise<number>((resolve, reject) => {
      const opening = indexedDB.open('plicator')
      opening.onerror = () => reject(new Error('What waits cannot be counted'))
      opening.onsuccess = () => {
        const listing = opening.result.transaction('act').objectStore('act').getAll()
        listing.onsuccess = () => {
          opening.result.close()
          resolve(listing.result.filter((act: { refusal?: string }) => act.refusal === undefined).length)
        }
      }
    })
  })

/** Waits until the server has answered all that the bench asked of it. */
async function answered(page: Page): Promise<void> {
  const end = Date.now() + patience
  while ((await waitingActs(page)) > 0) {
    if (Date.now() > end) throw new Error(`Acts are left in the outbox. The screen says:\n${await words(page)}`)
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

/** Opens a page, once nothing of the last is on its way, and waits until React has it and all panels are drawn. */
export async function visit(page: Page, address: string): Promise<void> {
  await answered(page)
  // A tab behind another draws nothing, and is not taken over.
  await page.bringToFront()
  await page.goto(address, { waitUntil: 'load' })
  await page.waitForFunction(
    () =>
      document.querySelector('main') === null ||
      (performance.getEntriesByName('page alive').length > 0 && document.querySelector('[data-pending]') === null),
    { polling: 50 },
  )
}

/** Loads the page anew, as one who wants to see what was kept. */
export const reload = (page: Page): Promise<void> => visit(page, page.url())

/** The element a user would name so. */
export const byRole = async (page: Page, role: string, name: string): Promise<ElementHandle<Element>> =>
  (await page.waitForSelector(`::-p-aria([name="${name}"][role="${role}"])`, { timeout: patience }))!

/** Presses it once it holds still where it is; a radio button lies unseen under its label. */
export const press = async (page: Page, role: string, name: string): Promise<void> =>
  role === 'radio'
    ? (await byRole(page, role, name)).click()
    : pressUntilHit(page, `::-p-aria([name="${name}"][role="${role}"])`, patience)

/** Presses a letter with Alt: alone it is text while the cursor is in a field. */
export async function pressAlt(page: Page, letter: string): Promise<void> {
  await page.keyboard.down('Alt')
  await page.keyboard.press(letter as KeyInput)
  await page.keyboard.up('Alt')
}

/** Chooses from a list by the words of the option. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  const list = await byRole(page, 'combobox', label)
  const value = await list.evaluate(
    (select, words) =>
      [...(select as HTMLSelectElement).options].find(({ text }) => text.trim() === words)?.value ?? null,
    option,
  )
  if (value === null) throw new Error(`"${label}" has no "${option}"`)
  await (list as ElementHandle<HTMLSelectElement>).select(value)
}

export async function fill(page: Page, label: string, text: string): Promise<void> {
  const field = await page.waitForSelector(`::-p-aria([name="${label}"])`, { timeout: patience })
  await field!.evaluate((input) => {
    ;(input as HTMLInputElement).focus()
    ;(input as HTMLInputElement).select()
  })
  await page.keyboard.press('Backspace')
  await field!.type(text)
}

/** Where a point of no return asks, goes on with a reason. */
export async function goOn(page: Page, reason: string): Promise<void> {
  await fill(page, 'Going on without, because', reason)
  await press(page, 'button', 'Go on')
}

/** What the screen says, waited for. */
export async function sees(page: Page, text: string): Promise<void> {
  await page
    .waitForFunction(
      (wanted) => document.body.innerText.replace(/\s+/g, ' ').includes(wanted),
      { timeout: patience },
      text,
    )
    .catch(async () => {
      throw new Error(`The screen does not say "${text}". It says:\n${await words(page)}`)
    })
}

export const words = (page: Page): Promise<string> => page.evaluate(() => document.body.innerText.replace(/\s+/g, ' '))

/** Address of the bench of a product's first specimen, from the page of the line-ups. */
export const benchOf = (page: Page, product: string): Promise<string> =>
  page.$$eval(
    'a[href^="/bench/"]',
    (links, name) => links.find((link) => link.textContent?.includes(name))!.getAttribute('href')!,
    product,
  )

/** The address of a line-up, from the first page. */
export const lineupOf = (page: Page, name: string): Promise<string> =>
  page.$eval(`section[aria-label="${name}"] h2 a`, (link) => link.getAttribute('href')!)

/** Which reading is up on the bench. */
export const readingUp = (page: Page): Promise<string> =>
  page.$eval('#reading-label', (heading) => heading.textContent ?? '')

export async function readingIs(page: Page, label: string): Promise<void> {
  await page
    .waitForFunction(
      (wanted) => document.querySelector('#reading-label')?.textContent === wanted,
      { timeout: patience },
      label,
    )
    .catch(async () => {
      throw new Error(
        `The reading that is up is "${await readingUp(page)}", not "${label}". The screen says:\n${await words(page)}`,
      )
    })
}
