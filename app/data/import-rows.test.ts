import { existsSync, mkdtempSync, readdirSync, readlinkSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, test, vi } from 'vitest'
import { importRows, NoTable } from './import-rows.server.ts'

const folder = mkdtempSync(join(tmpdir(), 'plicator-test-'))
afterAll(() => rmSync(folder, { recursive: true }))

const written = (name: string, text: string): string => {
  const file = join(folder, name)
  writeFileSync(file, text)
  return file
}

const openFiles = '/proc/self/fd'

/** Whether this process holds a file open; Linux alone tells. */
const isOpen = (file: string): boolean =>
  readdirSync(openFiles).some(
    (name) => existsSync(join(openFiles, name)) && readlinkSync(join(openFiles, name)) === file,
  )

const rowsOf = (file: string) => importRows(file, () => undefined)

test('rows as they stand under their heads, and how far it is', async () => {
  const told: number[] = []
  const rows: Record<string, string>[] = []
  for await (const row of importRows(written('two.csv', 'a,b\n1,2\n\n3,4\n'), (share) => told.push(share)))
    rows.push(row)
  expect(rows).toEqual([
    { a: '1', b: '2' },
    { a: '3', b: '4' },
  ])
  expect(told.at(-1)).toBe(1)
})

describe.runIf(existsSync(openFiles))('the file is closed', () => {
  test('when all was read', async () => {
    const file = written('all.csv', 'a\n1\n')
    for await (const { a } of rowsOf(file)) expect([a, isOpen(file)]).toEqual(['1', true])
    await vi.waitFor(() => expect(isOpen(file)).toBe(false))
  })

  test('when no more rows are needed than the first', async () => {
    const file = written('first.csv', 'a\n1\n2\n')
    for await (const { a } of rowsOf(file)) {
      expect(a).toBe('1')
      break
    }
    await vi.waitFor(() => expect(isOpen(file)).toBe(false))
  })

  test('when it is no table', async () => {
    const file = written('wide.csv', ','.repeat(300))
    await expect(rowsOf(file).next()).rejects.toThrow(NoTable)
    await vi.waitFor(() => expect(isOpen(file)).toBe(false))
  })
})
