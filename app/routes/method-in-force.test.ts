import { beforeAll, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import type { LineupEvaluation } from '#app/data/lineup-evaluation.server.ts'
import { loadLineup } from '#app/data/lineup-data.server.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { moneyOverview } from '#app/data/money.server.ts'
import { addMethod } from '#app/data/schools.server.ts'
import { listSpecimens } from '#app/data/specimens.server.ts'
import { loader as lineupCsvLoader } from './lineup-csv.ts'
import { loader as productLoader } from './product.tsx'
import { loader as scoreLoader } from './specimen-score.tsx'

demoDatabase()
let application: string
let specimen: { id: string; productId: string; revisionId: string }

beforeAll(async () => {
  application = (await listApplications())[0]!.id
  specimen = (await listSpecimens(application)).find(({ partNumber }) => partNumber === 'N-40')!
})

/** Calls a loader as the router would. */
const load = <Args, Result>(loader: (args: Args) => Result, params: Record<string, string>): Result =>
  loader({ params, request: new Request('http://localhost/'), context: {} } as Args)

/** What each view says of one specimen: its score, and the mark of its can wall where it shows one. */
async function scores() {
  const { evaluation } = (await loadLineup(application, false))!
  const { columns, rows, method } = JSON.parse(evaluation) as LineupEvaluation
  const at = columns.findIndex(({ id }) => id === specimen.revisionId)
  const wall = rows.find(({ key }) => key === 'can.wall')!
  const money = await moneyOverview((await findApplication(application))!, undefined, 1, undefined, '2026-11-01')
  const score = await load(scoreLoader, { specimen: specimen.id })
  const product = await load(productLoader, { product: specimen.productId })
  const csv = (await (await load(lineupCsvLoader, { application })).text()).split('\r\n')
  const column = csv[0]!.split(',').findIndex((head) => head === 'Norrith N-40')
  return {
    lineup: columns[at]!.score.value,
    wallMarks: wall.cells.map((cell) => (cell.state === 'number' ? cell.mark : undefined)),
    wallPoints: score.score.lines.find(({ criterion }) => criterion.key === 'can-wall')!.points,
    money: money.rows.find((row) => row.column.id === specimen.revisionId)!.column.score.value,
    specimen: score.score.value,
    product: product.specimens.find(({ id }) => id === specimen.id)!.score,
    csv: csv.find((row) => row.startsWith('Line-up,Construction score'))?.split(',')[column],
    versions: [method.version, money.method.version, score.version, Number(csvVersion(csv)[column])],
  }
}
const csvVersion = (csv: string[]) => csv.find((row) => row.startsWith('Line-up,Method'))!.split(',')

test('a value function and a weight of the method are in force in every view, and its version is named', async () => {
  const before = await scores()
  expect(before.versions).toEqual([5, 5, 5, 5])
  for (const value of [before.money, before.specimen, before.product]) expect(value).toBe(before.lineup)
  // The file says the mean over all that is uncertain, as the table does.
  expect(Math.abs(Number(before.csv) - before.lineup!)).toBeLessThan(3)

  // A wall of this thickness had most of the points; now it has few, and counts for half of all.
  await addMethod(newId(), {
    note: newId(),
    valueFunctions: {
      'can-wall': {
        kind: 'scale',
        points: [
          [0.0002, 10],
          [0.00062, 0],
        ],
      },
    },
    weights: { 'can-wall': 60 },
  })
  const after = await scores()
  expect(after.versions).toEqual([6, 6, 6, 6])
  expect(after.wallPoints!).toBeLessThan(before.wallPoints! - 3)
  expect(after.lineup!).toBeLessThan(before.lineup! - 15)
  for (const value of [after.money, after.specimen, after.product]) expect(value).toBe(after.lineup)
  expect(Math.abs(Number(after.csv) - after.lineup!)).toBeLessThan(3)
  expect(after.wallMarks[before.wallMarks.indexOf('best')]).toBe('worst')
})
