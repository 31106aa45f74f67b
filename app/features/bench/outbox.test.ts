// @vitest-environment happy-dom
import { act, renderHook } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { PendingRequest } from './outbox.ts'

const stored = (): PendingRequest[] => JSON.parse(localStorage.getItem('plicator-outbox') ?? '[]') as PendingRequest[]
const request = (id: string, more: Record<string, string> = {}): PendingRequest => ({
  specimen: 's1',
  fields: { intent: 'take', id, typed: '0.49', ...more },
})
const connectionDown = () => Promise.reject(new TypeError('Failed to fetch'))

/** The outbox as a page that has just been opened finds it. */
async function openOutbox() {
  vi.resetModules()
  return import('./outbox.ts')
}

beforeEach(() => localStorage.clear())
afterEach(() => vi.restoreAllMocks())

describe('a request on its way', () => {
  test('is kept until the answer is there, and not longer', async () => {
    const { sendOrKeep } = await openOutbox()
    let keptWhileSent: PendingRequest[] = []
    const answer = await sendOrKeep(request('a'), async () => {
      keptWhileSent = stored()
      return { ok: true, from: 'server' }
    })
    expect(keptWhileSent.map(({ fields }) => fields.id)).toEqual(['a'])
    expect(answer).toEqual({ ok: true, from: 'server' })
    expect(stored()).toEqual([])
  })

  test('that is refused is forgotten, and known as refused', async () => {
    const { sendOrKeep, wasRefused } = await openOutbox()
    await sendOrKeep(request('a'), async () => ({ ok: false, form: ['Zero is no can wall.'] }))
    await sendOrKeep(request('b'), async () => ({ ok: true }))
    expect(stored()).toEqual([])
    expect([wasRefused('a'), wasRefused('b')]).toEqual([true, false])
  })

  test('goes out after the one before it, in the order in which they were made', async () => {
    const { sendOrKeep } = await openOutbox()
    const sent: string[] = []
    const send = (id: string, delay: number) =>
      sendOrKeep(request(id), async () => {
        await new Promise((resolve) => setTimeout(resolve, delay))
        sent.push(id)
        return { ok: true }
      })
    await Promise.all([send('slow', 20), send('quick', 0), send('last', 0)])
    expect(sent).toEqual(['slow', 'quick', 'last'])
  })
})

describe('a connection that is down', () => {
  test('leaves the request waiting in this browser, and says that it waits', async () => {
    const { sendOrKeep } = await openOutbox()
    expect(await sendOrKeep(request('a'), connectionDown)).toEqual({ ok: true, waits: true })
    expect(stored()).toEqual([{ ...request('a'), waits: true }])
  })

  test('lets nothing overtake what waits already', async () => {
    const { sendOrKeep } = await openOutbox()
    await sendOrKeep(request('first'), connectionDown)
    const send = vi.fn(async () => ({ ok: true }))
    expect(await sendOrKeep(request('second'), send)).toEqual({ ok: true, waits: true })
    expect(send).not.toHaveBeenCalled()
    expect(stored().map(({ fields }) => fields.id)).toEqual(['first', 'second'])
  })

  test('that comes back: each is sent once and is gone', async () => {
    const { sendOrKeep } = await openOutbox()
    for (const id of ['first', 'second']) await sendOrKeep(request(id), connectionDown)
    const send = vi.fn(async () => ({ ok: true }))
    for (const one of stored()) await sendOrKeep(one, send)
    expect(send).toHaveBeenCalledTimes(2)
    expect(stored()).toEqual([])
  })

  test('keeps one request, however often it is tried', async () => {
    const { sendOrKeep } = await openOutbox()
    for (let tries = 0; tries < 3; tries++) await sendOrKeep(request('a'), connectionDown)
    expect(stored()).toHaveLength(1)
  })

  test('tells a take from its strike: both of one reading wait', async () => {
    const { sendOrKeep } = await openOutbox()
    await sendOrKeep(request('a'), connectionDown)
    await sendOrKeep(request('a', { intent: 'strike' }), connectionDown)
    expect(stored().map(({ fields }) => fields.intent)).toEqual(['take', 'strike'])
  })
})

test('what a closed page left behind waits on the next one', async () => {
  localStorage.setItem('plicator-outbox', JSON.stringify([request('left')]))
  const { useOutbox } = await openOutbox()
  const { result } = renderHook(() => useOutbox())
  expect(result.current).toEqual([{ ...request('left'), waits: true }])
})

test('a store that is no list is as good as empty', async () => {
  localStorage.setItem('plicator-outbox', '{"half": ')
  const { useOutbox, sendOrKeep } = await openOutbox()
  expect(renderHook(() => useOutbox()).result.current).toEqual([])
  await act(() => sendOrKeep(request('a'), connectionDown))
  expect(stored()).toHaveLength(1)
})

test('who shows the outbox hears of what waits and of what went', async () => {
  const { useOutbox, sendOrKeep } = await openOutbox()
  const { result } = renderHook(() => useOutbox())
  await act(() => sendOrKeep(request('a'), connectionDown))
  expect(result.current.map(({ fields }) => fields.id)).toEqual(['a'])
  await act(() => sendOrKeep(request('a'), async () => ({ ok: true })))
  expect(result.current).toEqual([])
})
