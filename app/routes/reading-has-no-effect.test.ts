import { expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { listClaims } from '#app/data/claims.server.ts'
import { importDatabase, writableDatabase } from '#app/data/database.server.ts'
import { listBrands } from '#app/data/products.server.ts'
import { listOpenPurchases } from '#app/data/purchases.server.ts'
import { listSpecimens } from '#app/data/specimens.server.ts'

demoDatabase()

interface RouteModule {
  loader?: (args: object) => unknown
}

const routes = import.meta.glob<RouteModule>('./*.{ts,tsx}')

/** Tables of what is worked out from others, and kept. */
const workedOut = /`?(specimen_summary|revision_spread|spread)`?/

test(
  'no page that is looked at changes anything but what is worked out from the rest',
  { timeout: 60_000 },
  async () => {
    const application = (await listApplications())[0]!.id
    const specimens = await listSpecimens(application)
    const specimen = specimens[0]!
    const other = specimens.find(({ revisionId }) => revisionId !== specimen.revisionId)!
    const params = {
      application,
      specimen: specimen.id,
      product: specimen.productId,
      characteristic: 'can.wall',
      key: 'can.wall',
      claim: (await listClaims(application))[0]!.id,
      school: 'new',
      column: specimen.revisionId,
      a: specimen.revisionId,
      b: other.revisionId,
      brand: (await listBrands())[0]!.id,
      import: 'nothere00000',
      photo: 'nothere00000',
      name: 'nothere.tar',
      review: 'nothere00000',
      file: 'article.html',
      number: '1',
      purchase: (await listOpenPurchases())[0]!.id,
      card: 'verdict-wide.svg',
    }
    const written: string[] = []
    const dbs = [await writableDatabase(), await importDatabase()]
    const note = ({ sql }: { sql: string }) => {
      if (/^\s*(insert|update|delete|drop|create|alter)/i.test(sql) && !workedOut.test(sql)) written.push(sql)
    }
    for (const db of dbs) db.on('query', note)
    let loaded = 0
    for (const [file, load] of Object.entries(routes)) {
      if (/\.(test|server)\./.test(file)) continue
      const { loader } = await load()
      if (!loader) continue
      const request = new Request('http://127.0.0.1/')
      await (async () => loader({ request, params, context: {} }))().catch((answer: unknown) => {
        // What is not there is said as an answer; a fault is none.
        if (answer instanceof Error) throw answer
      })
      loaded++
    }
    for (const db of dbs) db.removeListener('query', note)
    expect(loaded).toBeGreaterThan(25)
    expect(written).toEqual([])
  },
)
