import type { Knex } from 'knex'
import { expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { database, writableDatabase } from '#app/data/database.server.ts'
import { listSpecimens } from '#app/data/specimens.server.ts'
import { refreshAllSummaries } from '#app/data/summaries.server.ts'
import { loader as bench } from './bench.tsx'
import { loader as claims } from './claims.tsx'
import { loader as distribution } from './distribution.ts'
import { loader as faceOff } from './face-off.tsx'
import { loader as library } from './library.tsx'
import { loader as lineupLayout } from './lineup-layout.tsx'
import { loader as lineup } from './lineup.tsx'
import { loader as home } from './lineups.tsx'
import { loader as log } from './log.tsx'
import { loader as money } from './money.tsx'
import { loader as plan } from './plan.tsx'
import { loader as product } from './product.tsx'
import { loader as productLayout } from './product-layout.tsx'
import { loader as value } from './value.tsx'
import { loader as verdict } from './verdict.tsx'

demoDatabase()

interface Asked {
  sql: string
  bindings?: unknown[]
}

/** Every question to the database while a page is loaded. */
async function questionsOf(load: () => Promise<unknown>): Promise<Asked[]> {
  const asked: Asked[] = []
  const note = (question: Asked) => asked.push(question)
  const both: Knex[] = [await database(), await writableDatabase()]
  for (const db of both) db.on('query', note)
  await load()
  for (const db of both) db.removeListener('query', note)
  return asked
}

/** How SQLite goes about a question, a step a line. */
async function planOf(db: Knex, { sql, bindings = [] }: Asked): Promise<string[]> {
  const steps = (await db.raw(`explain query plan ${sql}`, bindings as never)) as { detail: string }[]
  return steps.map(({ detail }) => detail)
}

/**
 * The large tables: a page that walks through one, or through all readings of a characteristic, costs more with each.
 */
const isWalk = (detail: string): boolean =>
  /^SCAN (reading|specimen|revision|revision_spread|specimen_summary)\b/.test(detail) ||
  /^SEARCH reading .*\(characteristic=\?\)$/.test(detail)

/** The latest of many are found at once; the list of an index of stale rows is short. */
const isBounded = ({ sql }: Asked, detail: string): boolean =>
  /order by `?seq`? desc limit/.test(sql) || detail.includes('specimen_summary_stale')

test('no page walks through the readings, the specimens or the revisions of the library', async () => {
  const application = (await listApplications())[0]!.id
  const specimen = (await listSpecimens(application))[0]!
  await refreshAllSummaries()
  const request = new Request('http://127.0.0.1/')
  const params = {
    application,
    specimen: specimen.id,
    product: specimen.productId,
    characteristic: 'can.wall',
    key: 'can.wall',
  }
  const pages = {
    bench,
    claims,
    distribution,
    faceOff,
    library,
    lineupLayout,
    lineup,
    home,
    log,
    money,
    plan,
    product,
    productLayout,
    value,
    verdict,
  }
  const db = await database()
  const walks: string[] = []
  for (const [page, load] of Object.entries(pages)) {
    const asked = await questionsOf(() => (load as (args: object) => Promise<unknown>)({ request, params }))
    expect(asked.length, page).toBeGreaterThan(0)
    for (const question of asked) {
      if (!/^\s*select/i.test(question.sql)) continue
      for (const detail of await planOf(db, question))
        if (isWalk(detail) && !isBounded(question, detail))
          walks.push(`${page}: ${detail}: ${question.sql.slice(0, 300)}`)
    }
  }
  expect([...new Set(walks)]).toEqual([])
})

test('the first page of the library sorts no products that it does not show', async () => {
  const db = await database()
  const asked = await questionsOf(() => library({ request: new Request('http://127.0.0.1/library') } as never))
  const lists = asked.filter(({ sql }) => sql.includes('order by brand.name, product.part_number'))
  expect(lists).toHaveLength(1)
  const plan = await planOf(db, lists[0]!)
  expect(plan).toContain('SCAN brand USING INDEX brand_name_unique')
  expect(plan).not.toContain('USE TEMP B-TREE FOR ORDER BY')
})
