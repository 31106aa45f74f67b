import { expect, test } from 'vitest'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { demoDatabase, newReading } from '#db/demo/demo-database.fixture.ts'
import { assessSpecimen } from './assessments.server.ts'
import { addGaugeStudy, listGaugeStudies, removeGaugeStudy } from './gauge-studies.server.ts'
import { addGradeStudy, listGradeStudies, ownGradeDeviation, removeGradeStudy } from './grade-studies.server.ts'
import { newId } from './id.ts'
import { listInstruments, removeInstrument, addInstrument } from './instruments.server.ts'
import { addReading } from './readings.server.ts'
import { findSpecimen, listAllSpecimens } from './specimens.server.ts'

demoDatabase()

const uncertaintyOf = async (specimenId: string, key: string): Promise<number> => {
  const { number } = (await assessSpecimen((await findSpecimen(specimenId))!)).values.get(key)!
  return standardUncertainty(number!)
}

const readings = [0.4, 0.5, 0.6, 0.5, 0.45].map((millimetres) => ({
  person: 'Me',
  part: '1',
  typed: `${millimetres} mm`,
  value: millimetres / 1000,
}))

test('a study of the hand goes into readings with its instrument, and out again with it', async () => {
  const [caliper] = (await listInstruments()).filter(({ kind }) => kind === 'caliper')
  const [specimen] = await listAllSpecimens()
  const [specimenId, instrumentId] = [specimen!.id, caliper!.id]
  await addReading(newReading({ specimenId, characteristic: 'plate.thickness', valueNumber: 0.005, instrumentId }))
  const before = await uncertaintyOf(specimenId, 'plate.thickness')

  const id = newId()
  const study = { id, instrumentId, characteristic: 'plate.thickness', readings, tolerance: 0.001 }
  expect(await addGaugeStudy(study)).toBe('added')
  expect(await addGaugeStudy(study)).toBe('added')
  expect(await listGaugeStudies()).toMatchObject([{ id, tolerance: 0.001, study: { repeats: 5, degrees: 4 } }])
  expect(await uncertaintyOf(specimenId, 'plate.thickness')).toBeGreaterThan(before)

  expect(await removeGaugeStudy(id)).toBe(true)
  expect(await removeGaugeStudy(id)).toBe(false)
  expect(await uncertaintyOf(specimenId, 'plate.thickness')).toBeCloseTo(before, 12)
})

test('an instrument takes its studies along', async () => {
  const id = newId()
  const fields = { id, name: 'Borrowed caliper', kind: 'caliper', resolution: 1e-5, accuracy: 3e-5 } as const
  await addInstrument({ ...fields, checkIntervalDays: null, isDefault: false, rawInput: {} })
  await addGaugeStudy({ id: newId(), instrumentId: id, characteristic: 'can.wall', readings, tolerance: null })
  expect(await removeInstrument(id)).toBe('removed')
  expect(await listGaugeStudies()).toEqual([])
})

test('grades that were given again count from five on; those that are not there are left away', async () => {
  const [specimen] = await listAllSpecimens()
  const specimenId = specimen!.id
  const grade = { specimenId, characteristic: 'glue.grade', unit: null, evidence: 'observed' } as const
  const ids = await Promise.all(
    [2, 3, 3, 2, 3].map(async (valueNumber) => {
      const reading = newReading({ ...grade, valueNumber })
      await addReading(reading)
      return reading.id
    }),
  )
  const before = await uncertaintyOf(specimenId, 'glue.grade')
  expect(await addGradeStudy(newId(), new Map([['not-there-any-more', 2]]))).toBe('nothing')

  const id = newId()
  const again = new Map([...ids.map((one, at) => [one, at === 0 ? 4 : 3] as const), ['not-there-any-more', 2]])
  expect(await addGradeStudy(id, again)).toBe('added')
  const [kept] = await listGradeStudies()
  expect(kept!.pairs.map(({ first, again: second }) => second - first).sort()).toEqual([0, 0, 0, 1, 2])
  expect(await ownGradeDeviation()).toBeCloseTo(Math.sqrt(5 / 10), 12)
  expect(await uncertaintyOf(specimenId, 'glue.grade')).toBeCloseTo(Math.hypot(before, Math.sqrt(0.5)), 9)

  expect(await removeGradeStudy(id)).toBe(true)
  expect(await uncertaintyOf(specimenId, 'glue.grade')).toBeCloseTo(before, 12)
})
