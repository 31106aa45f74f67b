// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { act, cleanup, configure, render, waitFor } from '@testing-library/react'
import { createRoutesStub, useLoaderData, useNavigate } from 'react-router'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { readings as typedReadings } from '#core/teardown/readings.fixture.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import type { RequestFields } from '#app/features/outbox/act.ts'
import { rememberPosition } from './last-position.ts'
import { withPending } from './pending-readings.ts'
import { useBench, type Bench, type BenchSubject } from './useBench.ts'

const specimen = { id: 's1', form: 'spin-on', recordingPlan: {}, trouble: '' } as Specimen
const subjectOf = (readings: Reading[] = []): BenchSubject => ({
  specimen,
  readings,
  irreversibleSteps: [],
  instruments: [],
  gradeDeviation: 0,
  topEnd: 'dome' as const,
  loadedAt: '',
})

interface Page {
  bench(): Bench
  sent: RequestFields[]
  /** Goes where a link leads. */
  follow(to: string): Promise<void> | void
  does(step: (bench: Bench) => void): Promise<void>
}

/** The bench on a page of its own, with a server that takes everything. */
function openBench(subject = subjectOf(), { at = '' } = {}): Page {
  let bench: Bench | undefined
  let follow: Page['follow'] = () => undefined
  let kept = subject.readings
  const sent: RequestFields[] = []
  vi.stubGlobal('fetch', async (_: string, { body }: { body: URLSearchParams }) => {
    const fields = Object.fromEntries(body) as RequestFields
    sent.push(fields)
    kept = withPending(kept, [fields], specimen.id)
    return Response.json({ ok: true, takenAt: new Date().toISOString() })
  })
  function Bare() {
    const loaded = useLoaderData<{ readings: Reading[]; loadedAt: string }>()
    bench = useBench({ ...subject, ...loaded })
    follow = useNavigate()
    return null
  }
  const Stub = createRoutesStub([
    {
      path: '/bench/:specimen',
      Component: Bare,
      HydrateFallback: () => null,
      loader: () => ({ readings: kept, loadedAt: new Date().toISOString() }),
    },
  ])
  render(<Stub initialEntries={[`/bench/s1${at && `?at=${at}`}`]} />)
  const present = () => {
    if (!bench) throw new Error('The bench is not there yet')
    return bench
  }
  return {
    bench: present,
    sent,
    follow: (to) => follow(to),
    async does(step) {
      await waitFor(present)
      await act(async () => step(present()))
    },
  }
}

configure({ asyncUtilTimeout: 4000 })
beforeEach(() => localStorage.clear())
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

describe('which reading is up', () => {
  test('of an empty specimen the first that is asked for', async () => {
    const page = openBench()
    await waitFor(() => expect(page.bench().current.key).toBe(page.bench().working[0]!.key))
    expect(page.bench().current.station).toBe('box')
  })

  test('the one that the address names, and its address follows where the user goes', async () => {
    const page = openBench(subjectOf(), { at: 'can.wall' })
    await waitFor(() => expect(page.bench().current.key).toBe('can.wall'))
    await page.does((bench) => bench.goTo('pleats.count'))
    expect(page.bench().current.key).toBe('pleats.count')
    await waitFor(() => expect(window.location.search).toBe('?at=pleats.count'))
  })

  test('another that a link names, however far the user has gone since, and from there on again', async () => {
    const page = openBench(subjectOf(), { at: 'can.wall' })
    await page.does((bench) => bench.step(1))
    await page.does((bench) => bench.step(1))
    await act(async () => page.follow('?at=pleats.count'))
    await waitFor(() => expect(page.bench().current.key).toBe('pleats.count'))
    const { working, current } = page.bench()
    await page.does((bench) => bench.step(1))
    expect(page.bench().current).toBe(working[working.indexOf(current) + 1])
  })

  test('the one that a link names a second time, after the user has gone on from it', async () => {
    const page = openBench(subjectOf(), { at: 'can.wall' })
    await page.does((bench) => bench.goTo('pleats.count'))
    await act(async () => page.follow('?at=can.wall'))
    await waitFor(() => expect(page.bench().current.key).toBe('can.wall'))
  })

  test('where the user was last, when the address says nothing', async () => {
    rememberPosition('s1', 'can.wall')
    const page = openBench()
    await waitFor(() => expect(page.bench().current.key).toBe('can.wall'))
  })

  test('an address that names nothing is as good as none', async () => {
    const page = openBench(subjectOf(), { at: 'no.such' })
    await waitFor(() => expect(page.bench().current.station).toBe('box'))
  })

  test('one step forward and one back, round the ring', async () => {
    const page = openBench()
    await waitFor(page.bench)
    const { working } = page.bench()
    await page.does((bench) => bench.step(1))
    expect(page.bench().current.key).toBe(working[1]!.key)
    await page.does((bench) => bench.step(-1))
    await page.does((bench) => bench.step(-1))
    expect(page.bench().current.key).toBe(working.at(-1)!.key)
  })
})

describe('a reading that is taken', () => {
  const take = (page: Page, key: string, typed: string) =>
    page.does(
      (bench) => void bench.take({ characteristic: characteristicOf(key), typed, evidence: 'measured', stay: false }),
    )

  test('counts at once, is sent once, and the next is up', async () => {
    const page = openBench(subjectOf(), { at: 'can.height' })
    await take(page, 'can.height', '86.5')
    expect(page.bench().values.get('can.height')?.number?.value).toBeCloseTo(0.0865, 9)
    expect(page.bench().current.key).toBe('can.diameter')
    await waitFor(() => expect(page.sent).toHaveLength(1))
    expect(page.sent[0]).toMatchObject({ intent: 'take', characteristic: 'can.height', typed: '86.5' })
    expect(page.bench().readings).toHaveLength(1)
  })

  test('is taken back with one step, and brought back with the next', async () => {
    const page = openBench(subjectOf(typedReadings({ 'can.height': '86.5 mm' }, 's1')))
    await waitFor(page.bench)
    const [{ id }] = page.bench().readings as [Reading]
    await page.does((bench) => bench.strike(id))
    await waitFor(() => expect(page.bench().values.has('can.height')).toBe(false))
    await page.does((bench) => void bench.undo())
    await waitFor(() => expect(page.bench().values.has('can.height')).toBe(true))
    await waitFor(() => expect(page.sent.map(({ intent }) => intent)).toEqual(['strike', 'restore']))
  })
})

describe('before what cannot be undone', () => {
  test('the gate names what is lost, and is open once it was passed with a reason', async () => {
    const page = openBench(subjectOf(), { at: 'pleats.count' })
    await waitFor(() => expect(page.bench().gate?.point).toBe('cut'))
    expect(page.bench().gate?.lost).toContain('whole.weight')
    await page.does((bench) => bench.pass('cut', 'no scale'))
    await waitFor(() => expect(page.sent).toMatchObject([{ intent: 'pass', point: 'cut', reason: 'no scale' }]))
  })

  test('a reading of an earlier station has no gate', async () => {
    const page = openBench(subjectOf(), { at: 'can.height' })
    await waitFor(() => expect(page.bench().current.key).toBe('can.height'))
    expect(page.bench().gate).toBeUndefined()
  })
})

test('whatever else the bench asks is sent with an id of its own', async () => {
  const page = openBench()
  await page.does((bench) => {
    bench.addNote('can', 'a dent')
    bench.dropNote('n1')
    bench.dropPhoto('p1')
    bench.ask('bypass.push', 'yes')
    bench.askLike('s2')
    bench.setZero('c1', '0.02')
  })
  await waitFor(() => expect(page.sent).toHaveLength(6))
  expect(page.sent.map(({ intent }) => intent).sort()).toEqual(
    ['note', 'drop-note', 'drop-photo', 'ask', 'ask-like', 'zero'].sort(),
  )
  expect(page.sent).toContainEqual({ intent: 'drop-note', id: 'n1' })
  const note = page.sent.find(({ intent }) => intent === 'note')
  expect(note).toEqual({ intent: 'note', part: 'can', text: 'a dent', id: expect.any(String) as string })
  expect(new Set(page.sent.map(({ id }) => id)).size).toBe(6)
})

test('stations count what is on its way as done', async () => {
  const page = openBench(subjectOf(typedReadings({ 'can.height': '86.5 mm' }, 's1')))
  await waitFor(page.bench)
  const outside = () => page.bench().stations.find(({ key }) => key === characteristicOf('can.height').station)!
  expect(outside().done).toBe(1)
  await page.does((bench) => bench.strike(bench.readings[0]!.id))
  await waitFor(() => expect(outside().done).toBe(0))
})
