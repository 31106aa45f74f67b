import type { Page } from 'puppeteer-core'
import { expect } from 'vitest'
import { fill, press, readingIs, sees, visit } from './app.ts'

/** The path of the page that is open. */
export const pathOf = (page: Page): string => new URL(page.url()).pathname

/** The address of a link that says just this, on the page at an address. */
export async function addressOf(page: Page, text: string, at: string): Promise<string> {
  await visit(page, at)
  const address = await page.$$eval(
    'a',
    (links, wanted) => links.find((link) => link.textContent?.trim() === wanted)?.getAttribute('href') ?? '',
    text,
  )
  if (address === '') throw new Error(`No link "${text}" at ${at}`)
  return address
}

/** All that the form on the screen holds, by name; its id and its version apart. */
export const contentsOf = (page: Page): Promise<Record<string, string>> =>
  page.$eval('main form', (form) => {
    const held = Object.fromEntries(new FormData(form as HTMLFormElement)) as Record<string, string>
    delete held.id
    delete held.version
    return held
  })

/** Presses a button that leads to another page, and waits for that. */
export async function submit(page: Page, button: string): Promise<void> {
  const from = pathOf(page)
  await press(page, 'button', button)
  await page.waitForFunction((was) => location.pathname !== was, {}, from)
}

/** Waits until the screen does not say something any more. */
export const goes = (page: Page, text: string): Promise<unknown> =>
  page.waitForFunction((gone) => !document.body.innerText.includes(gone), {}, text)

/** What stands beside a field. */
export async function besideField(page: Page, label: string): Promise<string> {
  const field = await page.waitForSelector(`::-p-aria([name="${label}"])`)
  return field!.evaluate((input) => {
    const ids = input.getAttribute('aria-describedby')?.split(' ') ?? []
    return ids.map((id) => document.getElementById(id)?.textContent ?? '').join(' ')
  })
}

interface Refused {
  field: string
  typed: string
  button: string
  message: string
}

/** What is typed is refused beside its field, and is still there. */
export async function isRefused(page: Page, { field, typed, button, message }: Refused): Promise<void> {
  await fill(page, field, typed)
  await press(page, 'button', button)
  await sees(page, message)
  expect(await besideField(page, field)).toContain(message)
  expect(Object.values(await contentsOf(page))).toContain(typed)
}

/** A new specimen of a new product of a line-up, on the bench. */
export async function newOnBench(
  page: Page,
  home: string,
  { lineup, brand, partNumber }: { lineup: string; brand: string; partNumber: string },
): Promise<void> {
  await visit(page, home)
  await (await page.waitForSelector(`section[aria-label="${lineup}"] a[href$="/products/new"]`))!.click()
  await fill(page, 'Brand', brand)
  await fill(page, 'Part number', partNumber)
  await press(page, 'button', 'Add the product')
  await press(page, 'link', 'New specimen')
  await press(page, 'button', 'Put it on the bench')
  await readingIs(page, 'Part number as printed')
}

/** Unfolds the fields of a form that are asked for seldom. */
export async function unfoldMore(page: Page): Promise<void> {
  await page.locator('summary::-p-text(More:)').click()
  await page.waitForSelector('details[open]')
}
