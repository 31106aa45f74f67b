import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import { shippedCriterion } from '#core/score/criteria.ts'
import { commonGround } from './common-ground.ts'
import { firstAnswerSettings, judge, judgePair } from './judgement.ts'
import { evaluateRevisions } from './ranking.ts'
import { grade, missing, row } from './rows.fixture.ts'

const sharp = (value: number) => grade(value, 0.1)
const apart: Cell = { state: 'not-applicable', reason: 'there is none' }
const criteria = ['glue', 'adbv-fit', 'gasket-hold', 'core-stiffness'].map(shippedCriterion)
const attributes = criteria.map(({ attribute }) => attribute)
const columns = ['a', 'b', 'c'].map((id) => ({ id, fatalFaults: [], misfits: [], attributes: {} }))
const evaluate = (cells: Cell[][]) =>
  evaluateRevisions(
    'spin-on',
    columns,
    attributes.map((key, at) => row(key, cells[at]!)),
    criteria,
  )

/** The first is best where all are known; of the third next to nothing is known. */
const evaluated = evaluate([
  [sharp(4), sharp(3), sharp(1)],
  [sharp(1), sharp(4), missing],
  [sharp(2), sharp(2), missing],
  [apart, sharp(2), sharp(2)],
])

describe('common ground', () => {
  test('is what is known of each that is compared, or what it cannot have', () => {
    const ground = commonGround(evaluated)
    expect(ground?.kept.map(({ key }) => key)).toEqual(['glue', 'core-stiffness'])
    expect(ground?.leftOut.map(({ key }) => key)).toEqual(['adbv-fit', 'gasket-hold'])
    expect(ground?.evaluated.map(({ score }) => score.coverage)).toEqual([1, 1, 1])
  })

  test('of two alone it is wider', () => {
    const [a, b] = [evaluated[0]!, evaluated[1]!]
    expect(commonGround(evaluated, [a, b])?.leftOut).toEqual([])
  })

  test('may call another one than all that is known does', () => {
    expect(judge(evaluated).call?.named[0]?.id).toBe('b')
    expect(judge(commonGround(evaluated)!.evaluated).call?.named[0]?.id).toBe('a')
  })

  test('there is none where nothing is known of all', () => {
    const none = evaluate(
      [[sharp(4), missing, sharp(1)], [missing, sharp(4), missing], [], []].map((own) =>
        own.length > 0 ? own : [missing, missing, missing],
      ),
    )
    expect(commonGround(none)).toBeUndefined()
  })

  test('two are set against each other on what is known of both', () => {
    // What is open of the third would make it a matter of chance; what both have is not.
    const [a, , c] = evaluated
    expect(judgePair(evaluated, a!, c!)?.word).toBe('wins')
    expect(judgePair(evaluated, a!, c!)?.named[0]?.id).toBe('a')
  })

  test('a first answer about two is the one that is refined to within two points of a hundred', () => {
    const doubtful = evaluate([
      [grade(3, 1), grade(2.5, 1), sharp(1)],
      ...attributes.slice(1).map(() => [apart, apart, apart]),
    ])
    const [a, b] = doubtful
    const [first, refined] = [
      judgePair(doubtful, a!, b!, firstAnswerSettings),
      judgePair(doubtful, a!, b!, { least: 65_536, most: 65_536, standardError: 0, ranks: false }),
    ]
    expect(refined?.named[0]?.chance).toBeGreaterThan(0.5)
    expect(refined?.named[0]?.chance).toBeLessThan(0.999)
    expect(first?.named[0]?.id).toBe(refined?.named[0]?.id)
    expect(Math.abs(first!.named[0]!.chance - refined!.named[0]!.chance)).toBeLessThan(0.02)
  })
})
