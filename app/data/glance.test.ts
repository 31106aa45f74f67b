import { beforeAll, describe, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications, type Application } from './applications.server.ts'
import { showDemo } from './demo.server.ts'
import { listThings } from './find-index.server.ts'
import { glanceAt, type Glance } from './glance.server.ts'
import { onTheBench } from './on-the-bench.server.ts'
import { latestSpecimenOf, listSpecimens } from './specimens.server.ts'

demoDatabase()

let application: Application
let glance: Glance

beforeAll(async () => {
  application = (await listApplications()).find(({ form }) => form === 'spin-on')!
  glance = await glanceAt(application.id)
})

describe('a line-up at a glance', () => {
  test('has each product that is judged on one axis, names who is first, and flags the fault', () => {
    const [first] = glance.points
    expect(first).toMatchObject({ name: 'Corvane CV-214', isNamed: true, fault: '' })
    expect(first!.low).toBeLessThanOrEqual(first!.mean)
    expect(first!.mean).toBeLessThanOrEqual(first!.high)
    expect(glance.said).toMatch(/^Build first: Corvane CV-214 (wins|leads)/)
    expect(glance.points.filter(({ fault }) => fault !== '').map(({ name }) => name)).toEqual(['Quarrow Q-7'])
  })

  test('what is to settle has one action each, that leads to a page', () => {
    expect(new Set(glance.matters.map(({ kind }) => kind))).toEqual(new Set(['fault', 'contradiction', 'slip']))
    expect(glance.matters.find(({ kind }) => kind === 'fault')).toMatchObject({
      words: expect.stringContaining('Quarrow Q-7') as string,
      act: 'Open a second one',
      path: expect.stringMatching(/^\/products\/\w+\/specimens\/new$/) as string,
    })
    for (const { path, act } of glance.matters) {
      expect(path).toMatch(/^\/\w+/)
      expect(act).not.toBe('')
    }
  })

  test('of an engine that is gone is empty', async () => {
    expect(await glanceAt('nothere00000')).toEqual({ points: [], said: '', matters: [] })
  })
})

test('on the bench lies what was worked on last, with what is next', async () => {
  const { bench } = (await onTheBench())!
  expect(bench.name).toMatch(/, specimen [A-Z]$/)
  expect(bench.completeness).toBeGreaterThan(0)
  const latest = await latestSpecimenOf(application.id)
  expect((await listSpecimens(application.id)).map(({ id }) => id)).toContain(latest)
  expect(await latestSpecimenOf('nothere00000')).toBeUndefined()
})

test('engines, specimens, products, what can be begun and brands can be found', async () => {
  const things = await listThings()
  expect(new Set(things.map(({ kind }) => kind))).toEqual(new Set(['engine', 'specimen', 'product', 'to do', 'brand']))
  expect(things.find(({ label }) => label.startsWith('Corvane CV-214'))).toMatchObject({ detail: 'Skerry 1.1 D' })
  await showDemo(false)
  expect(await listThings()).toEqual([])
  await showDemo(true)
})
