import { describe, expect, test } from 'vitest'
import { buildLineup } from '#core/compare/lineup.ts'
import { faceOff } from '#core/compare/face-off.ts'
import { assessed } from '#core/examples.fixture.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { findSchool } from './schools.ts'
import { number, words } from './cells.fixture.ts'
import { scoreRevision } from './score-revision.ts'
import { cellPointsBy, reasonUnjudgedBy } from './row-judgement.ts'

const criteria = effectiveCriteria(shippedMethod)
const pointsOf = cellPointsBy(criteria)
const column = (id: string, thickness: string, build: string) => ({
  id,
  form: 'spin-on' as const,
  specimens: [{ id: `${id}-A`, assessment: assessed({ 'adbv.thickness': thickness, 'adbv.build': build }) }],
})
const rowsOf = (...columns: ReturnType<typeof column>[]) =>
  buildLineup(columns, pointsOf, new Map(), [], reasonUnjudgedBy(criteria))
const marksOf = (...columns: ReturnType<typeof column>[]) =>
  rowsOf(...columns)
    .find(({ key }) => key === 'adbv.thickness')!
    .cells.map((cell) => (cell.state === 'number' ? [cell.mark, cell.unjudged] : []))

describe('a spring-pressed disc is thin by its build', () => {
  const thin = 'a spring-pressed disc is thin by its build'

  test('it is neither the worst of a row nor judged beside a flap', () => {
    expect(marksOf(column('a', '1.4 mm', 'flap'), column('b', '0.75 mm', 'disc'))).toEqual([
      [undefined, undefined],
      [undefined, thin],
    ])
    const rows = rowsOf(column('a', '1.4 mm', 'flap'), column('b', '0.75 mm', 'disc'))
    const row = faceOff(rows, 0, 1, pointsOf).find(({ key }) => key === 'adbv.thickness')
    expect(row).toMatchObject({ outcome: 'differs', gain: 0 })
  })

  test('a flap as thin is the worst', () =>
    expect(marksOf(column('a', '1.4 mm', 'flap'), column('b', '0.75 mm', 'flap'))).toEqual([
      ['best', undefined],
      ['worst', undefined],
    ]))
})

describe('a band round the pleats', () => {
  const long = effectiveCriteria(shippedMethod, findSchool('long')).filter(({ key }) => key === 'band')
  const line = (height: number | undefined) =>
    scoreRevision(
      'spin-on',
      new Map([
        ['pleats.band', words('none')],
        ...(height === undefined ? [] : [['element.height', number(height)] as const]),
      ]),
      new Map(),
      long,
      [],
    ).lines[0]

  test('counts on a tall element, not on a short one, and where nobody measured how tall', () => {
    expect(line(0.14)).toMatchObject({ low: 0, high: 0 })
    expect(line(0.07)?.notApplicableReason).toContain('hardly matters')
    expect(line(undefined)).toMatchObject({ low: 0 })
  })

  test('is no matter for most schools', () => expect(criteria.find(({ key }) => key === 'band')?.weight).toBe(0))
})

test('what is inferred bears the share that the reviewer’s predictions give it', () => {
  const inferred = (inferredShare?: number) =>
    scoreRevision(
      'spin-on',
      new Map([['glue.grade', number(4, 0, 'inferred')]]),
      new Map(),
      effectiveCriteria({ ...shippedMethod, ...(inferredShare && { inferredShare }) }).filter(
        ({ key }) => key === 'glue',
      ),
      [],
    ).lines[0]
  expect(inferred()).toMatchObject({ low: 5, high: 10 })
  expect(inferred(0.8)).toMatchObject({ low: 8, high: 10 })
})
