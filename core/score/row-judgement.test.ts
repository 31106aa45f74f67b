import { describe, expect, test } from 'vitest'
import { buildLineup } from '#core/compare/lineup.ts'
import { faceOff } from '#core/compare/face-off.ts'
import { assessed } from '#core/examples.fixture.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
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
