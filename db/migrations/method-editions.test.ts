import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, test } from 'vitest'
import * as second from './010_method_edition.ts'
import * as fifth from './029_fifth_edition.ts'
import { migrateTo } from './migrate-to.fixture.ts'

const folder = mkdtempSync(join(tmpdir(), 'plicator-migration-'))
afterAll(() => rmSync(folder, { recursive: true }))

const versions = async ({ up, down }: typeof second, before: string, rows: Record<string, unknown>[]) => {
  const knex = await migrateTo(join(folder, `${before}-${rows.length}.sqlite`), before)
  if (rows.length > 0) await knex('method_version').insert(rows)
  await up(knex)
  const after: Record<string, unknown>[] = await knex('method_version').orderBy('version').select()
  await down(knex)
  const back: Record<string, unknown>[] = await knex('method_version').orderBy('version').select()
  await knex.destroy()
  return { after, back }
}
const row = (version: number, note: string) => ({
  version,
  note,
  value_functions: '{}',
  weights: '{"glue":9}',
  created_at: '2026-01-01T00:00:00.000Z',
})

describe.each([
  ['second', second, '009_summaries', 4],
  ['fifth', fifth, '028_exhibits', 6],
] as const)('the %s edition', (name, edition, before, next) => {
  test('the user’s changes stand on in a version of their own, and those before stay', async () => {
    const { after, back } = await versions(edition, before, [row(2, 'mine'), row(3, 'mine again')])
    expect(after.slice(0, 2)).toMatchObject([
      { version: 2, note: 'mine' },
      { version: 3, note: 'mine again' },
    ])
    expect(after[2]).toMatchObject({
      version: next,
      note: `mine again (on the ${name} edition of what ships)`,
      weights: '{"glue":9}',
    })
    expect(back).toEqual(after.slice(0, 2))
  })

  test('where nothing was changed, nothing is added', async () => {
    expect((await versions(edition, before, [])).after).toEqual([])
  })
})
