import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { AttributeBounds } from '#core/score/external-attributes.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { scoreContributions } from './contributions.ts'
import { contenders, evaluateRevisions } from './ranking.ts'
import { basis, grade, missing, row } from './rows.fixture.ts'

const answer = (text: string, evidence: 'observed' | 'inferred' = 'observed'): Cell => ({
  ...basis,
  state: 'words',
  text,
  answers: [text],
  evidence,
})
const wall = (value: number): Cell => ({ ...basis, state: 'number', value, u: 1e-6, evidence: 'measured' })

const rows = [
  row('can.wall', [wall(0.0005), wall(0.0004)]),
  row('adbv.material', [answer('nitrile'), answer('silicone', 'inferred')], 'adbv'),
  row('glue.grade', [grade(3), missing], 'caps'),
  row('gasket.hold', [grade(3), grade(3)], 'gasket'),
  { ...row('bypass.rate', [grade(1), missing]), kind: 'figure' as const },
]
const judgedFacts = ['claim.efficiency', 'value.own']
const criteria = effectiveCriteria(shippedMethod)
  .filter(({ attribute }) => judgedFacts.includes(attribute) || rows.some(({ key }) => key === attribute))
  .map((criterion) => (judgedFacts.includes(criterion.attribute) ? { ...criterion, weight: 3 } : criterion))
const evaluated = (...attributes: Record<string, AttributeBounds>[]) =>
  evaluateRevisions(
    'spin-on',
    attributes.map((own, at) => ({ id: 'ab'[at] ?? '', fatalFaults: [], misfits: [], attributes: own })),
    rows,
    criteria,
  )
const exactly = (value: number): AttributeBounds => ({ low: value, high: value })

describe('why one stands before another', () => {
  const two = () => evaluated({ 'claim.efficiency': exactly(0.99) }, { 'claim.efficiency': exactly(0.8) })
  const reasonsOf = () => {
    const [a, b] = two()
    return scoreContributions(a!, b!, rows, 'metric')
  }

  test('real differences, largest gain first; what is open or tied gives none', () => {
    const reasons = reasonsOf()
    expect(reasons.map(({ criterion }) => criterion.key)).toEqual(['can-wall', 'efficiency', 'adbv-material'])
    const gains = reasons.map(({ gain }) => gain)
    expect(gains).toEqual([...gains].sort((one, other) => other - one))
    expect(gains.at(-1)).toBeLessThan(0)
    expect(reasons[0]).toMatchObject({ first: '0.50 mm', second: '0.40 mm', byLook: false, specimen: 's' })
  })

  test('of claims both sides are said, and no specimen', () =>
    expect(reasonsOf()[1]).toEqual(
      expect.objectContaining({ first: '99 %', second: '80 %', byLook: false, specimen: undefined }),
    ))

  test('what one side was only inferred on is by the look of it', () => expect(reasonsOf()[2]?.byLook).toBe(true))

  test('the other way round the gains turn', () => {
    const [a, b] = two()
    const other = scoreContributions(b!, a!, rows, 'imperial')
    expect(other.map(({ criterion }) => criterion.key)).toEqual(['adbv-material', 'efficiency', 'can-wall'])
    expect(other.at(-1)).toMatchObject({ first: '0.016 in', second: '0.020 in' })
  })

  test('bounds are said from end to end where they settle points; what is not known is nothing', () => {
    const [c, d] = evaluated({ 'claim.efficiency': { low: 0.995, high: 1 } }, { 'claim.efficiency': exactly(0.8) })
    const said = scoreContributions(c!, d!, rows, 'metric').find(({ criterion }) => criterion.key === 'efficiency')
    expect(said).toMatchObject({ first: '99.5 % to 100 %', second: '80 %' })
    const [e, f] = evaluated({ 'claim.efficiency': exactly(0.99) }, {})
    expect(scoreContributions(e!, f!, rows, 'metric').map(({ criterion }) => criterion.key)).not.toContain('efficiency')
  })
})

describe('who is judged', () => {
  test('what is known is counted by characteristic, and a fact that is exact is evidence', () => {
    const [a, b] = evaluated({ 'value.own': exactly(1) }, { 'value.own': { low: 0, high: 1 } })
    expect([a!.recorded, b!.recorded]).toEqual([4, 3])
    const own = criteria.find(({ attribute }) => attribute === 'value.own')!.key
    expect(a!.evidence.get(own)).toEqual({ number: 1, evidence: 'claimed' })
    expect(b!.evidence.get(own)).toBeUndefined()
  })

  test('one of which nothing is known is not; one with a claim alone is, and so is one known in what does not count', () => {
    const nothing = rows.map((one) => ({ ...one, cells: [missing, missing] }))
    const facts: Record<string, AttributeBounds>[] = [{}, { 'claim.efficiency': exactly(0.9) }]
    const contexts = facts.map((attributes, at) => ({
      id: 'ab'[at] ?? '',
      fatalFaults: [],
      misfits: [],
      attributes,
    }))
    const ids = (of: typeof rows) =>
      contenders(evaluateRevisions('spin-on', contexts, of, criteria)).map(({ id }) => id)
    expect(ids(nothing)).toEqual(['b'])
    expect(ids([...nothing, row('box.colour', [answer('grey'), missing])])).toEqual(['a', 'b'])
  })

  test('what does not fit, or stands aside, is not judged, and says why', () => {
    const contexts = ['its thread is M18', undefined].map((misfit, at) => ({
      id: 'ab'[at] ?? '',
      fatalFaults: [],
      misfits: misfit ? [misfit] : [],
      aside: at === 1 ? 'it was used' : undefined,
      attributes: {},
    }))
    const all = evaluateRevisions('spin-on', contexts as never, rows, criteria)
    expect(all.map(({ excluded }) => excluded)).toEqual(['its thread is M18', 'it was used'])
    expect(contenders(all)).toEqual([])
  })
})
