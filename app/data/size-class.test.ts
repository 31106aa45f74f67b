import { beforeAll, expect, test } from 'vitest'
import { demoDatabase, newReading } from '#db/demo/demo-database.fixture.ts'
import { changeApplication, findApplication, listApplications, type Application } from './applications.server.ts'
import { today } from './clock.ts'
import { addExhibit, listExhibitable, listExhibits, removeExhibit } from './exhibits.server.ts'
import { newId } from './id.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { addReading, listLibraryOccurrences } from './readings.server.ts'
import { findSpecimen, listSpecimens, type Specimen } from './specimens.server.ts'
import { librarySpreads, summariesOf } from './summaries.server.ts'
import { takeReading } from './take-reading.server.ts'

demoDatabase()

let application: Application
let specimens: Specimen[]

beforeAll(async () => {
  application = (await listApplications()).find(({ form }) => form === 'spin-on')!
  specimens = await listSpecimens(application.id)
})

const choose = async (sizeClass: Application['sizeClass']) => {
  const { createdAt: _, demo: _demo, ...fields } = (await findApplication(application.id))!
  expect(await changeApplication({ ...fields, sizeClass }, fields.version)).toBe('saved')
  return (await findApplication(application.id))!
}

test('of the demo is that of cars, by its sizes', async () => {
  expect((await evaluateLineup(application, today())).method.sizeClass).toBe('car')
})

test('that was chosen is judged by, and has a library of its own', async () => {
  const before = (await librarySpreads({ demo: 1 }, 'car')).get('can.wall')
  expect(before).toBeDefined()
  const large = await choose('large-diesel')
  const evaluation = await evaluateLineup(large, today())
  expect(evaluation.method.sizeClass).toBe('large-diesel')
  await summariesOf([application.id])
  expect((await librarySpreads({ demo: 1 }, 'car')).get('can.wall')).toBeUndefined()
  expect((await librarySpreads({ demo: 1 }, 'large-diesel')).get('can.wall')).toEqual(before)
  await choose('')
  await summariesOf([application.id])
  expect((await librarySpreads({ demo: 1 }, 'car')).get('can.wall')).toEqual(before)
})

test('what is usual in the library is told by filters of the same class', async () => {
  const [first] = specimens
  const alone = specimens.find(
    ({ id, revisionId }) => id !== first!.id && specimens.filter((one) => one.revisionId === revisionId).length === 1,
  )
  const all = (await listLibraryOccurrences('can.height', first!)).numbers.length
  await addReading(newReading({ specimenId: alone!.id, characteristic: 'can.diameter', valueNumber: 0.2 }))
  await summariesOf([application.id])
  expect((await listLibraryOccurrences('can.height', first!)).numbers).toHaveLength(all - 1)
})

test('a large size is asked about in a car, and taken of a large one', async () => {
  const specimen = specimens.find(({ partNumber }) => partNumber === 'D-19')!
  const long = { characteristic: 'media.length', typed: '5.2 m', evidence: 'measured' as const, source: '' }
  expect((await takeReading(specimen, { ...long, id: newId() }))?.code).toBe('implausible')
  await choose('large-diesel')
  expect(await takeReading((await findSpecimen(specimen.id))!, { ...long, id: newId() })).toBeUndefined()
})

test('a part of another engine’s filter is laid beside once, and put back', async () => {
  const other = (await listApplications()).find(({ form }) => form === 'cartridge')!
  const [laid] = await listExhibitable(other.id)
  const exhibit = { id: newId(), applicationId: application.id, specimenId: laid!.id, part: 'can' as const, note: '' }
  const before = (await listExhibits(application.id)).length
  expect(await addExhibit(exhibit)).toBe('added')
  expect(await addExhibit(exhibit)).toBe('added')
  expect(await addExhibit({ ...exhibit, id: newId() })).toBe('taken')
  expect((await listExhibits(application.id)).map((one) => one.exhibit.name)).toContain(laid!.name)
  await removeExhibit(other.id, exhibit.id)
  expect(await listExhibits(application.id)).toHaveLength(before + 1)
  await removeExhibit(application.id, exhibit.id)
  expect(await listExhibits(application.id)).toHaveLength(before)
})
