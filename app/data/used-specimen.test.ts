import { beforeAll, expect, test, vi } from 'vitest'
import { demoDatabase, newReading } from '#db/demo/demo-database.fixture.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { contenders, evaluateRevisions } from '#core/verdict/ranking.ts'
import { listApplications, type Application } from './applications.server.ts'
import { idPattern, newId } from './id.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { addReading } from './readings.server.ts'
import { addSpecimen, listSpecimens, type Specimen, type SpecimenFields } from './specimens.server.ts'
import { librarySpreads } from './summaries.server.ts'

vi.setConfig({ testTimeout: 30_000 })
demoDatabase()

const today = '2026-10-10'
let launch: Application
let unit: Specimen

beforeAll(async () => {
  launch = (await listApplications()).find(({ name }) => name === 'Skerry 1.1 D')!
  unit = (await listSpecimens(launch.id)).find(({ partNumber }) => partNumber === 'MB-1120')!
})

const columnsOf = async (product: string) => {
  const { columns, rows } = await evaluateLineup(launch, today)
  const walls = rows.find(({ key }) => key === 'can.wall')!.cells
  return columns.flatMap((column, at) => (column.productId === product ? [{ column, wall: walls[at] }] : []))
}

async function addUnit(of: Specimen, more: Pick<SpecimenFields, 'label' | 'condition' | 'service'>): Promise<string> {
  const id = newId()
  const { revisionId, acquisition, givenBy, paidMinor, currency, shop, rawInput } = of
  await addSpecimen({ id, revisionId, acquisition, givenBy, paidMinor, currency, shop, rawInput, ...more })
  await addReading(newReading({ specimenId: id, characteristic: 'can.wall', valueNumber: 0.0003 }))
  return id
}

test('a used unit stands beside the new ones: it moves no average and no spread, and is not judged', async () => {
  const [before] = await columnsOf(unit.productId)
  const spread = (await librarySpreads({ demo: 1 })).get('can.wall')
  await addUnit(unit, { label: 'U', condition: 'used', service: { distance: 8e6, months: null } })
  const [sold, used] = await columnsOf(unit.productId)
  expect(sold).toMatchObject({ column: { specimens: 2 }, wall: { value: (before!.wall as { value: number }).value } })
  expect(used).toMatchObject({
    column: { revision: 'used', specimens: 1, aside: 'used: kept beside the new ones' },
    wall: { value: 0.0003 },
  })
  expect((await librarySpreads({ demo: 1 })).get('can.wall')).toEqual(spread)
  expect(used!.column.id).toMatch(idPattern)
  expect([sold, used].map((one) => one!.column.specimenIds.length)).toEqual([2, 1])
  const { columns, rows } = await evaluateLineup(launch, today)
  const judged = contenders(evaluateRevisions('spin-on', columns, rows, effectiveCriteria(shippedMethod)))
  expect(judged.map(({ id }) => id)).not.toContain(used!.column.id)
})

test('old stock counts with the new ones', async () => {
  await addUnit(unit, { label: 'O', condition: 'old-stock', service: { distance: null, months: 48 } })
  const [sold] = await columnsOf(unit.productId)
  expect(sold!.column).toMatchObject({ specimens: 3, revision: '' })
})

test('what was said of a unit is there again', async () => {
  const found = (await listSpecimens(launch.id)).find(({ label }) => label === 'U')
  expect(found).toMatchObject({ condition: 'used', service: { distance: 8e6, months: null } })
})
