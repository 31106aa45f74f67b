import { beforeAll, describe, expect, test } from 'vitest'
import { formatKin } from '#core/kin/kin-finding.ts'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { kinOfTwo, kinSoFar, kinSoon, type KinOverview } from './kin.server.ts'
import { newId } from './id.ts'
import { addIrreversibleStep } from './irreversible-steps.server.ts'
import { addSwapTest, listSwapTests, removeSwapTest } from './swap-tests.server.ts'
import { showDemo } from './demo.server.ts'

demoDatabase()
let overview: KinOverview
const idOf = (name: string) => overview.members.find((member) => member.name === name)!.id

const specimenOf = (name: string) => overview.members.find((member) => member.name === name)!.specimenId

beforeAll(async () => {
  overview = (await kinSoon()).overview!
})

describe('kin of the demo', () => {
  test('the two that share a shell are found from their readings, with what they share', async () => {
    const [a, b] = [idOf('Pellgate PG-33'), idOf('Sandmere SM-508')]
    const family = overview.families.find(({ members }) => members.includes(a))
    expect(family?.members).toContain(b)
    const pair = await kinOfTwo(a, b)
    expect(formatKin(pair!.finding)).toBe('Same family: base plate, can, retainer spring and centre tube are shared')
    const rare = pair!.grounds.filter(({ verdict }) => verdict === 'rare').map(({ feature }) => feature)
    expect(rare).toEqual(expect.arrayContaining(['plate.inlets:odd', 'plate.stamp', 'can.seam']))
  })

  test('a look-alike that shares the paint and no more is no kin', async () => {
    const pair = await kinOfTwo(idOf('Pellgate PG-33'), idOf('Quarrow Q-7'))
    expect(pair!.finding.kind).toBe('nothing')
    expect(pair!.grounds.find(({ feature }) => feature === 'can.colour')?.verdict).toBe('rare')
  })

  test('two revisions of one product can be set beside each other and are no family', async () => {
    const [first, second] = overview.members.filter(({ name }) => name === 'Fennick F-2210')
    expect(await kinOfTwo(first!.id, second!.id)).toMatchObject({ a: { productId: second!.productId } })
    for (const { pairs } of overview.families)
      for (const { a, b } of pairs) expect([a, b].sort()).not.toEqual([first!.id, second!.id].sort())
  })

  test('a spin-on and a cartridge are no pair, nor is one that is not there', async () => {
    expect(await kinOfTwo(idOf('Pellgate PG-33'), idOf('Norrith NC-160'))).toBeUndefined()
    expect(await kinOfTwo(idOf('Pellgate PG-33'), 'nobody')).toBeUndefined()
  })

  test('at the bench the closest relative is said, with what they share and what would tell more', async () => {
    const soFar = await kinSoFar(specimenOf('Sandmere SM-508'))
    expect(soFar).toMatchObject({ member: { name: 'Pellgate PG-33' }, finding: { kind: 'family' } })
    expect(soFar!.rare.length).toBeGreaterThan(0)
    expect(soFar!.next).toBe('Bypass coil: wire')
    expect(await kinSoFar(specimenOf('Quarrow Q-7'))).toBeNull()
  })

  test('what was wrapped up is not asked for any more', async () => {
    const specimen = specimenOf('Sandmere SM-508')
    await addIrreversibleStep(specimen, { step: 'wrap', reason: 'done', missing: [] })
    expect(await kinSoFar(specimen)).toMatchObject({ member: { name: 'Pellgate PG-33' }, next: undefined })
    const pair = await kinOfTwo(idOf('Pellgate PG-33'), idOf('Sandmere SM-508'))
    for (const { missingOf } of pair!.next) expect(missingOf).not.toContain(idOf('Sandmere SM-508'))
  })

  test('a trial that fails rules the part out until it is taken back', async () => {
    const [a, b] = [idOf('Pellgate PG-33'), idOf('Sandmere SM-508')]
    const id = newId()
    const test = { id, fromRevision: b, intoRevision: a, part: 'can', outcome: 'not', triedBy: '', note: '' } as const
    await addSwapTest(test)
    expect((await kinOfTwo(a, b))!.finding.parts).not.toContain('can')
    expect((await kinOfTwo(a, b))!.tests).toMatchObject([{ part: 'can', outcome: 'not' }])
    await removeSwapTest(id)
    expect(await listSwapTests()).toEqual([])
    expect((await kinOfTwo(a, b))!.finding.parts).toContain('can')
  })

  test('what is put away has no kin', async () => {
    await showDemo(false)
    expect((await kinSoon()).overview?.members).toEqual([])
    await showDemo(true)
  })
})
