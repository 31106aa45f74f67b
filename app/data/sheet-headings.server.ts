import type { Knex } from 'knex'
import type { Heading, KnownHeadings } from '#core/exchange/sheet-heading.ts'
import { database, writableDatabase } from './database.server.ts'

/** What headings of tables were said to stand for. */
export async function knownHeadings(): Promise<KnownHeadings> {
  const db = await database()
  const rows: (Heading & { heading: string })[] = await db('sheetHeading').select('heading', 'characteristic', 'unit')
  return Object.fromEntries(rows.map(({ heading, ...meaning }) => [heading, meaning]))
}

/** Keeps what headings stand for; the latest word holds. */
export async function keepHeadings(headings: KnownHeadings): Promise<void> {
  const db = await writableDatabase()
  await db.transaction(async (trx: Knex.Transaction) => {
    for (const [heading, { characteristic, unit }] of Object.entries(headings))
      await trx('sheetHeading')
        .insert({ heading, characteristic, unit })
        .onConflict('heading')
        .merge(['characteristic', 'unit'])
  })
}
