import { existsSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { beforeAll, beforeEach, expect, test, vi } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { firstBlocks } from '#core/review/block.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { publishReview } from '#app/data/review-publication.server.ts'
import { addReview, findReview } from '#app/data/reviews.server.ts'
import { ensureFolder } from '#app/storage/data-folder.ts'
import { buildSite, siteBuild, stopSite } from './site-build.server.ts'

vi.setConfig({ testTimeout: 60_000 })
demoDatabase()

const site = { title: 'Cut open', address: '' }
const file = (name: string) => join(ensureFolder('site'), name)

async function publish(title: string) {
  const [application] = await listApplications()
  const of = { id: newId(), applicationId: application!.id, subject: 'engine' as const, a: '', b: '', title }
  await addReview({ ...of, blocks: firstBlocks('engine', newId) })
  const review = await findReview(of.applicationId, of.id)
  const publication = { id: newId(), number: 1, correction: '', reason: 'seen' }
  expect(await publishReview(review!, publication, 'metric')).toEqual({ ok: true, value: 'published' })
}

beforeAll(async () => {
  for (const title of ['One', 'Two', 'Three']) await publish(title)
}, 60_000)
beforeEach(() => rmSync(ensureFolder('site'), { recursive: true, force: true }))

test('a build writes every article once, and the next one none', async () => {
  expect(await buildSite(site)).toBe(true)
  expect(siteBuild()).toEqual({ state: 'built', done: 3, total: 3, written: 3 })
  expect(await buildSite(site)).toBe(true)
  expect(siteBuild()).toMatchObject({ state: 'built', written: 0 })
})

test('one that is stopped keeps what it has written, leaves the index as it was, and goes on from there', async () => {
  const stopped = buildSite(site)
  await vi.waitUntil(() => siteBuild().written === 1, { interval: 0 })
  stopSite()
  expect(await stopped).toBe(false)
  const { state, done } = siteBuild()
  expect(state).toBe('stopped')
  expect(done).toBeGreaterThan(0)
  expect(done).toBeLessThan(3)
  expect(existsSync(file('index.html'))).toBe(false)
  const written = Object.keys(JSON.parse(readFileSync(file('written.json'), 'utf8')) as object)
  expect(written).toHaveLength(done)
  expect(await buildSite(site)).toBe(true)
  expect(siteBuild()).toEqual({ state: 'built', done: 3, total: 3, written: 3 - done })
  expect(existsSync(file('index.html'))).toBe(true)
})

test('where none runs there is none to stop', async () => {
  stopSite()
  expect(await buildSite(site)).toBe(true)
})
