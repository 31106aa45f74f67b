import { join } from 'node:path'
import Database from 'better-sqlite3'
import { strFromU8, unzipSync } from 'fflate'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { fill, lineupOf, openPage, press, sees, startApp, visit, type App } from './app.ts'

let app: App
let page: Page
let lineup: string

beforeAll(async () => {
  app = await startApp({ demo: true })
  page = await openPage(app, '/')
  lineup = await lineupOf(page, 'Skerry 1.1 D')
})
afterAll(() => app.stop())

test('a site of nothing says that nothing is published', async () => {
  await visit(page, `${app.url}${lineup}/review`)
  await press(page, 'button', 'Build it')
  await sees(page, '0 reviews, 0 written anew.')
  await page.goto(`${app.url}/reviews/site/index.html`)
  await sees(page, 'Nothing is published yet.')
})

test('a review is published', async () => {
  await visit(page, `${app.url}${lineup}/review`)
  await press(page, 'link', 'Twelve oil filters for the Skerry 1.1 D, cut open')
  await page.waitForSelector('::-p-aria(Title of the review)')
  await visit(page, `${page.url()}?show=publish`)
  await fill(page, 'Why it is published all the same', 'A demo.')
  await press(page, 'button', 'Publish as it is')
  await sees(page, 'Version 1')
})

test('the site of all that is published is a folder whose links lead somewhere', async () => {
  await visit(page, `${app.url}${lineup}/review`)
  await fill(page, 'Where it will be', 'example.org')
  await sees(page, 'Write it as https://example.org/filters')
  await fill(page, 'Where it will be', 'https://example.org/filters')
  await press(page, 'button', 'Build it')
  await sees(page, '1 review, 1 written anew.')
  await press(page, 'button', 'Build it')
  await sees(page, '1 review, 0 written anew.')
  const path = await page.$eval('a[href^="/reviews/site.zip"]', (link) => link.getAttribute('href') ?? '')
  const zip = await page.evaluate(async (from) => [...new Uint8Array(await (await fetch(from)).arrayBuffer())], path)
  const files = unzipSync(Uint8Array.from(zip))
  const index = strFromU8(files['index.html']!)
  const links = [...index.matchAll(/<a href="([^"]+)"/g)].map(([, link = '']) => link)
  expect(links.length).toBeGreaterThan(0)
  for (const link of links) expect(Object.keys(files)).toContain(link)
  expect(strFromU8(files['sitemap.xml']!)).toContain('<loc>https://example.org/filters/reviews/')
  expect(strFromU8(files[links[0]!]!)).toContain('no filtration test')
  await page.goto(`${app.url}/reviews/site/index.html`)
  await Promise.all([page.waitForNavigation(), page.click('main a')])
  await sees(page, 'no filtration test')
  const told = await page.$eval('script[type="application/ld+json"]', (script) => script.textContent ?? '')
  expect((JSON.parse(told) as { '@graph': unknown[] })['@graph']).toHaveLength(13)
  for (const path of ['../plicator.sqlite', 'written.json', '%2e%2e/plicator.sqlite'])
    expect((await fetch(`${app.url}/reviews/site/${path}`)).status).toBe(404)
})

test('a long build can be stopped, and goes on from there when it is built again', async () => {
  const copies = 120
  const database = new Database(join(app.data, 'plicator.sqlite'))
  database.transaction(() => {
    const review = database.prepare(
      `insert into review select :copy, application_id, subject, a, b, title || ' ' || :copy, blocks, created_at,
       updated_at, version from review where id = (select review_id from review_version where id = :version)`,
    )
    const version = database.prepare(
      `insert into review_version select :copy, :copy, number, published_at, content, hash, method, correction
       from review_version where id = :version`,
    )
    const first = database.prepare('select id from review_version').pluck().get()
    for (let copy = 1; copy <= copies; copy++) {
      review.run({ copy: `copy${copy}`, version: first })
      version.run({ copy: `copy${copy}`, version: first })
    }
  })()
  database.close()
  await visit(page, `${app.url}${lineup}/review`)
  await fill(page, 'Where it will be', 'https://example.org/filters')
  await press(page, 'button', 'Build it')
  await press(page, 'button', 'Stop')
  await sees(page, 'Stopped after')
  const said = await page.$eval('main', (main) => main.textContent)
  const [, done, total] = /Stopped after (\d+) of (\d+) reviews/.exec(said) ?? []
  expect(Number(total)).toBe(copies + 1)
  expect(Number(done)).toBeLessThan(copies + 1)
  await press(page, 'button', 'Build it')
  await page.waitForFunction(() => !document.querySelector('main')?.textContent.includes('Stopped after'))
  await sees(page, `${copies + 1} reviews, `)
  const [, written] = /reviews, (\d+) written anew/.exec(await page.$eval('main', (main) => main.textContent)) ?? []
  expect(Number(written)).toBeLessThanOrEqual(copies + 1 - Number(done))
})
