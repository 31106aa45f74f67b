import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, expect, test } from 'vitest'
import { migrateTo } from './migrate-to.fixture.ts'
import { down, up } from './023_reported_and_seams.ts'

const folder = mkdtempSync(join(tmpdir(), 'plicator-migration-'))
afterAll(() => rmSync(folder, { recursive: true }))

const moment = '2026-01-01T00:00:00.000Z'
const reading = (id: string, characteristic: string, text: string, note: string | null = null) => ({
  id,
  specimen_id: 's1',
  characteristic,
  raw_input: text,
  value_text: text,
  evidence: 'observed',
  recorded_at: moment,
  note,
})

async function library(name: string) {
  const knex = await migrateTo(join(folder, name), '022_part_calls')
  await knex('application').insert({
    ...{ id: 'a1', name: 'Skerry', name_key: 'skerry', machine: '', form: 'spin-on', service_intervals: '{}' },
    ...{ bypass: 'unknown', raw_input: '{}', created_at: moment, version: 1 },
  })
  await knex('brand').insert({ id: 'b1', name: 'Norrith', name_key: 'norrith', created_at: moment })
  await knex('product').insert({
    ...{ id: 'p1', application_id: 'a1', brand_id: 'b1', part_number: 'N-40', name_key: 'n-40', form: 'spin-on' },
    ...{ tier: 'middle', created_at: moment },
  })
  await knex('revision').insert({ id: 'r1', product_id: 'p1', label: '', name_key: '', created_at: moment })
  await knex('specimen').insert({ id: 's1', revision_id: 'r1', label: 'A', acquisition: 'bought', created_at: moment })
  await knex('reading').insert([
    reading('r-spiral', 'core.type', 'spiral'),
    reading('r-louvred', 'core.type', 'louvred'),
    reading('r-stain', 'inside.rust', 'serious'),
    reading('r-noted', 'inside.rust', 'slight', 'at the seam'),
    reading('r-none', 'inside.rust', 'none'),
  ])
  return knex
}

const all = (knex: Awaited<ReturnType<typeof library>>) => knex('reading').orderBy('seq').select()

test('no reading is lost, each stays what it was; a spiral seam is recorded as a seam', async () => {
  const knex = await library('up.sqlite')
  const before = await all(knex)
  await up(knex)
  const after = await all(knex)
  expect(after.map(({ id, seq }) => [id, seq])).toEqual(before.map(({ id, seq }) => [id, seq]))
  const byId = new Map(after.map((one) => [one.id as string, one]))
  expect(byId.get('r-spiral')).toMatchObject({ characteristic: 'core.seam', valueText: 'spiral', rawInput: 'spiral' })
  expect(byId.get('r-louvred')).toMatchObject({ characteristic: 'core.type', valueText: 'louvred' })
  expect(byId.get('r-stain')?.note).toContain('rust that stays')
  expect(byId.get('r-noted')?.note).toBe('at the seam')
  expect(byId.get('r-none')?.note).toBeNull()
  await knex('reading').insert({ ...reading('r-heard', 'can.dents', 'serious'), evidence: 'reported' })
  expect(await knex('shown_reading').where({ evidence: 'reported' })).toHaveLength(1)
  await knex.destroy()
})

test('indexes, triggers and the view are there as before, and it goes back', async () => {
  const knex = await library('down.sqlite')
  const objects = () =>
    knex('sqlite_master').whereNotNull('sql').whereNot({ name: 'reading' }).orderBy('name').select('name', 'sql')
  const [before, rows] = [await objects(), await all(knex)]
  await up(knex)
  expect(await objects()).toEqual(before)
  await down(knex)
  expect(await objects()).toEqual(before)
  expect(await all(knex)).toEqual(rows)
  await knex.destroy()
})
