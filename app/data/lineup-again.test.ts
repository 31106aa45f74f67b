import { expect, test, vi } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from './applications.server.ts'
import { newId } from './id.ts'
import { loadLineup } from './lineup-data.server.ts'
import { listReadings, voidReading } from './readings.server.ts'
import { listSpecimens } from './specimens.server.ts'
import { takeReading } from './take-reading.server.ts'

demoDatabase()

/** The line-up as an app says it that has worked out nothing before. */
async function firstTime(id: string) {
  vi.resetModules()
  const { loadLineup: load } = await import('./lineup-data.server.ts')
  return load(id, true)
}

test('a line-up that has changed says the same as one that is worked out for the first time', async () => {
  const [application] = await listApplications()
  const { id } = application!
  await loadLineup(id, true)
  const said = new Set<string>()
  for (const specimen of (await listSpecimens(id)).slice(0, 3)) {
    const request = { characteristic: 'can.wall', evidence: 'measured', source: '', insist: 'yes' } as const
    expect(await takeReading(specimen, { ...request, id: newId(), typed: '0.71', unit: 'mm' })).toBeUndefined()
    const again = await loadLineup(id, true)
    expect(again).toEqual(await firstTime(id))
    said.add(again!.evaluation)
    const [oldest] = await listReadings(specimen.id)
    await voidReading(specimen.id, oldest!.id, 'read off the wrong line')
    expect(await loadLineup(id, true)).toEqual(await firstTime(id))
  }
  expect(said.size).toBe(3)
})

test('a page that a browser judges itself is sent no answer, and says otherwise the same', async () => {
  const [application] = await listApplications()
  const { id } = application!
  const { first, ...judged } = (await loadLineup(id, true))!
  const { first: none, ...sent } = (await loadLineup(id, false))!
  expect(first?.drawn.first.length).toBeGreaterThan(2)
  expect(none).toBeUndefined()
  expect(sent).toEqual(judged)
})
