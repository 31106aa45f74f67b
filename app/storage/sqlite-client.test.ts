import { afterEach, beforeEach, expect, test } from 'vitest'
import type { Knex } from 'knex'
import { connect } from './connect.ts'

let db: Knex

beforeEach(async () => {
  db = connect(':memory:', [])
  await db.schema.createTable('reading', (table) => {
    table.string('id')
    table.string('rawInput')
  })
  await db('reading').insert({ id: 'a', rawInput: '{"raw_input": 1}' })
})
afterEach(() => db.destroy())

test('rows are named as the code names them, and what is in them stays as it is', async () => {
  expect(await db('reading').select('rawInput', 'id')).toEqual([{ rawInput: '{"raw_input": 1}', id: 'a' }])
  expect(await db('reading').first('rawInput')).toEqual({ rawInput: '{"raw_input": 1}' })
  expect(await db('reading').pluck('id')).toEqual(['a'])
  expect(await db.raw('select count(*) as how_many from reading')).toEqual([{ howMany: 1 }])
  expect(await db('reading').where({ id: 'none' })).toEqual([])
})

test('a table that has changed is read as it is now', async () => {
  expect(await db('reading')).toEqual([{ id: 'a', rawInput: '{"raw_input": 1}' }])
  await db.schema.alterTable('reading', (table) => table.renameColumn('rawInput', 'said'))
  expect(await db('reading')).toEqual([{ id: 'a', said: '{"raw_input": 1}' }])
  await db.schema.alterTable('reading', (table) => table.integer('valueNumber').defaultTo(3))
  expect(await db('reading')).toEqual([{ id: 'a', said: '{"raw_input": 1}', valueNumber: 3 }])
})

test('what is written says what came of it', async () => {
  expect(await db('reading').where({ id: 'a' }).update({ rawInput: '' })).toBe(1)
  expect(await db('reading').where({ id: 'a' }).delete()).toBe(1)
  await expect(db('reading').insert({ nothing: 1 })).rejects.toThrow('nothing')
})
