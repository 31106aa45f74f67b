import { describe, expect, test } from 'vitest'
import { frequenciesOf } from './frequencies.ts'
import { allRelatives, relativesSteps, kinFamilies, relativesOf } from './kin-families.ts'
import { others, recordOf, wellKnown } from './kin.fixture.ts'

const twins = ['a', 'b', 'e'].map((id) => recordOf(id, wellKnown))
const all = [...twins, ...others]
const frequencies = frequenciesOf(all)

describe('families', () => {
  test('those of one build hang together, strangers with nobody', () => {
    const [family, ...more] = kinFamilies(allRelatives(all, frequencies))
    expect(more).toEqual([])
    expect([...family!.members].sort()).toEqual(['a', 'b', 'e'])
    expect(family!.pairs.map(({ finding }) => finding.kind)).toEqual(['build', 'build', 'build'])
  })

  test('the relatives of one are those of all pairs that it is in', () => {
    const found = relativesOf(twins[0]!, all, frequencies)
    expect(found.map(({ b }) => b).sort()).toEqual(['b', 'e'])
  })

  test('two revisions of one product are no relatives under another name', () => {
    const [a, b] = ['a', 'b'].map((id) => ({ ...recordOf(id, wellKnown), product: 'p' }))
    expect(relativesOf(a!, [a!, b!, ...others], frequencies)).toEqual([])
  })

  test('a filter of another form is nobody to it', () => {
    const cartridge = { ...recordOf('x', wellKnown), form: 'cartridge' as const }
    expect(relativesOf(cartridge, all, frequencies)).toEqual([])
  })

  test('a chain is one family, and how far it is done is told', () => {
    const pair = (a: string, b: string) => ({
      a,
      b,
      finding: { kind: 'build' as const, chance: 1, parts: [] },
      shared: [],
    })
    expect(kinFamilies([pair('x', 'y'), pair('p', 'q'), pair('y', 'z')]).map(({ members }) => members.length)).toEqual([
      3, 2,
    ])
  })

  test('are worked out filter by filter, which says how far it is, to the same end', () => {
    const steps = relativesSteps(all, frequencies)
    const told: number[] = []
    let step = steps.next()
    for (; !step.done; step = steps.next()) told.push(step.value)
    expect(step.value).toEqual(allRelatives(all, frequencies))
    expect(told).toHaveLength(all.length)
    expect(told).toEqual([...told].sort((a, b) => a - b))
    expect(told.at(-1)).toBe(1)
  })
})
