import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll } from 'vitest'
import { closeDatabase } from '#app/data/database.server.ts'
import { newId } from '#app/data/id.ts'
import type { NewReading } from '#app/data/readings.server.ts'
import { loadDemo } from './load.ts'

/** Gives the tests of a file the demo in a database of their own; returns its folder. */
export function demoDatabase(): string {
  const folder = mkdtempSync(join(tmpdir(), 'plicator-test-'))
  beforeAll(async () => {
    process.env.PLICATOR_DATA = folder
    await loadDemo({ reset: false })
  })
  afterAll(async () => {
    await closeDatabase()
    rmSync(folder, { recursive: true, force: true })
  })
  return folder
}

/** A reading as the bench would add it, for tests; a length in millimetres unless it says otherwise. */
export const newReading = (
  reading: Pick<NewReading, 'specimenId' | 'characteristic'> & Partial<NewReading>,
): NewReading => ({
  id: newId(),
  rawInput: reading.valueText ?? String(reading.valueNumber),
  unit: 'mm',
  valueNumber: null,
  valueText: null,
  valueGroups: null,
  evidence: 'measured',
  instrumentId: null,
  source: null,
  note: null,
  ...reading,
})
