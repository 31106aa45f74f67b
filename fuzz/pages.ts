import puppeteer, { type Page } from 'puppeteer-core'
import { browserOptions } from '../e2e/browser.ts'
import { mark } from './hostile.ts'
import { isStreamOfEvents, type KnownIds } from './requests.ts'
import type { FuzzedRoute } from './routes.ts'

/** So many things of each kind are opened, in the whole run and in the short one. */
const ofEach = { whole: 6, short: 1 }

interface Opened {
  opened: number
  /** What broke, in words. */
  broken: string[]
}

export const scriptRan = 'a script ran on'

/**
 * Opens every page, export and picture in a browser: no script runs but the app's, no dialog opens, nothing is
 * a 500.
 */
export async function openEverything(
  origin: string,
  routes: readonly FuzzedRoute[],
  known: KnownIds,
  isShort: boolean,
): Promise<Opened> {
  const browser = await puppeteer.launch(browserOptions)
  const page = await browser.newPage()
  await page.setViewport({ width: 1280, height: 800 })
  const outcome: Opened = { opened: 0, broken: [] }
  let at = ''
  page.on('dialog', (dialog) => {
    outcome.broken.push(`a dialog on ${at}`)
    void dialog.dismiss()
  })
  page.on('pageerror', (error) => outcome.broken.push(`${String(error).slice(0, 200)} on ${at}`))
  for (const path of addresses(routes, known, isShort ? ofEach.short : ofEach.whole)) {
    at = path.address
    try {
      await (path.isPage ? look(page, origin, at, outcome) : fetchIt(origin, at, outcome))
    } catch (error) {
      outcome.broken.push(`${String(error).slice(0, 200)} on ${at}`)
    }
    outcome.opened++
  }
  await browser.close()
  return outcome
}

/** Addresses of all that can be opened, of each route for so many of what is there. */
export function addresses(routes: readonly FuzzedRoute[], known: KnownIds, most: number) {
  return routes
    .filter(({ hasLoader, isPage }) => hasLoader || isPage)
    .flatMap(({ path, isPage }) => {
      const names = [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name)
      const times = Math.min(most, ...names.map((name) => known[name]?.length ?? 0), names.length === 0 ? 1 : Infinity)
      return Array.from({ length: times }, (_, at) => ({
        address: path.replace(/:(\w+)/g, (_all, name: string) => known[name]?.[at] ?? 'nothing'),
        isPage,
      }))
    })
}

async function look(page: Page, origin: string, address: string, { broken }: Opened): Promise<void> {
  const answer = await page.goto(origin + address, { waitUntil: 'load', timeout: 60_000 })
  if ((answer?.status() ?? 0) >= 500) broken.push(`${answer?.status()}: ${address}`)
  const found = await page.evaluate((name) => {
    const main = document.querySelector('main')
    return { ran: name in window, wide: (main?.scrollWidth ?? 0) - document.documentElement.clientWidth }
  }, mark)
  if (found.ran) broken.push(`${scriptRan} ${address}`)
  if (found.wide > 0) broken.push(`${address} is ${found.wide} px too wide`)
}

async function fetchIt(origin: string, address: string, { broken }: Opened): Promise<void> {
  const answer = await fetch(origin + address)
  await (isStreamOfEvents(answer.headers.get('Content-Type')) ? answer.body?.cancel() : answer.arrayBuffer())
  if (answer.status >= 500) broken.push(`${answer.status}: ${address}`)
}
