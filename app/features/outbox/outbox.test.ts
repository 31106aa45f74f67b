// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { act, renderHook } from '@testing-library/react'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { RequestFields } from './act.ts'

const take = (id: string, more: RequestFields = {}): RequestFields => ({
  intent: 'take',
  id,
  characteristic: 'can.wall',
  typed: '0.49',
  ...more,
})

type Reply = () => Response | Promise<Response>
const taken: Reply = () => Response.json({ ok: true, takenAt: '2026-05-01T10:00:00.000Z' })
const refused: Reply = () => Response.json({ ok: false, fields: {}, form: ['Zero is no can wall.'] }, { status: 422 })
const fault: Reply = () => new Response('database is locked', { status: 500 })
const noConnection: Reply = () => Promise.reject(new TypeError('Failed to fetch'))

let reply: Reply
let sent: string[]

/** A tab of this browser that has just been opened. */
async function openTab() {
  vi.resetModules()
  const outbox = await import('./outbox.ts')
  const store = await import('./act-store.ts')
  const { result } = renderHook(() => outbox.useOutbox())
  await act(() => outbox.sendWaiting())
  return {
    ...outbox,
    kept: async () => (await store.listActs()).map(({ fields }) => fields.id),
    now: () => result.current,
    does: (step: () => Promise<void>) => act(step),
  }
}

/** Until what is asked of the disk and of the server has come back. */
async function quiet(): Promise<void> {
  for (let turn = 0; turn < 50; turn++) await new Promise((resolve) => setImmediate(resolve))
}

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  localStorage.clear()
  sent = []
  reply = taken
  vi.stubGlobal('fetch', (_: string, { body }: { body: URLSearchParams }) => {
    sent.push(body.get('id') ?? '')
    return reply()
  })
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a page that is left before the disk has an act', () => {
  test('leaves it to the next page', async () => {
    const tab = await openTab()
    reply = noConnection
    const doing = tab.doAct('s1', take('a'))
    window.dispatchEvent(new Event('pagehide'))
    await tab.does(() => doing)
    vi.stubGlobal('indexedDB', new IDBFactory())
    reply = taken
    sent = []
    const next = await openTab()
    expect(sent).toEqual(['a'])
    expect(next.now().taken.map(({ act: { specimen } }) => specimen)).toEqual(['s1'])
    await openTab()
    expect(sent).toEqual(['a'])
  })

  test('and is come back to, goes on with it alone', async () => {
    const tab = await openTab()
    const doing = tab.doAct('s1', take('a'))
    window.dispatchEvent(new Event('pagehide'))
    window.dispatchEvent(Object.assign(new Event('pageshow'), { persisted: true }))
    await tab.does(() => doing)
    await openTab()
    expect(sent).toEqual(['a'])
  })

  test('and is come back to, leaves alone what another page has left', async () => {
    const tab = await openTab()
    localStorage.setItem('plicator-outbox', JSON.stringify([{ specimen: 's2', fields: take('b') }]))
    const doing = tab.doAct('s1', take('a'))
    window.dispatchEvent(new Event('pagehide'))
    window.dispatchEvent(Object.assign(new Event('pageshow'), { persisted: true }))
    await tab.does(() => doing)
    await openTab()
    expect(sent).toEqual(['a', 'b'])
  })

  test('takes no harm from what is no list of acts', async () => {
    localStorage.setItem('plicator-outbox', '{"a":1}')
    const tab = await openTab()
    await tab.does(() => tab.doAct('s1', take('a')))
    expect(sent).toEqual(['a'])
  })

  test('asks when it is a picture, or could not be kept', async () => {
    const isAsked = () => !window.dispatchEvent(new Event('beforeunload', { cancelable: true }))
    const tab = await openTab()
    const doing = tab.doAct('s1', { intent: 'photo', id: 'p' }, new File(['x'], 'x.png'))
    expect(isAsked()).toBe(true)
    await tab.does(() => doing)
    expect(isAsked()).toBe(false)
  })
})

describe('an act of the bench', () => {
  test('is on disk before anything is sent', async () => {
    const tab = await openTab()
    let keptWhenSent: unknown
    reply = async () => {
      keptWhenSent = await tab.kept()
      return Response.json({ ok: true, takenAt: '2026-05-01T10:00:00.000Z' })
    }
    await tab.does(() => tab.doAct('s1', take('a')))
    expect(keptWhenSent).toEqual(['a'])
    expect(await tab.kept()).toEqual([])
    expect(tab.now().taken.map(({ act: { fields } }) => fields.id)).toEqual(['a'])
  })

  test.each([
    ['a fault of the server', fault, 'The server answers with a fault (500).'],
    ['no connection', noConnection, 'There is no connection to Plicator.'],
    ['a page of somebody else', () => new Response('<html>', { status: 200 }), 'There is no connection to Plicator.'],
  ])('waits after %s, and is sent again', async (_, answer, trouble) => {
    const tab = await openTab()
    reply = answer as Reply
    await tab.does(() => tab.doAct('s1', take('a')))
    expect(await tab.kept()).toEqual(['a'])
    expect(tab.now().trouble).toBe(trouble)
    reply = taken
    await tab.does(() => tab.sendWaiting())
    expect(await tab.kept()).toEqual([])
    expect(tab.now().trouble).toBe('')
    expect(sent).toEqual(['a', 'a'])
  })

  test('is tried again by itself, with longer and longer pauses', async () => {
    const tab = await openTab()
    reply = fault
    await tab.does(() => tab.doAct('s1', take('a')))
    for (const pause of [1000, 2000, 4000]) {
      const before = sent.length
      await act(() => vi.advanceTimersByTimeAsync(pause - 1))
      expect(sent).toHaveLength(before)
      await act(() => vi.advanceTimersByTimeAsync(1))
      await act(quiet)
      expect(sent).toHaveLength(before + 1)
    }
  })

  test('that is taken back while it is being sent is given up, and the next one is sent', async () => {
    const tab = await openTab()
    let giveUp: AbortSignal | undefined
    vi.stubGlobal('fetch', (_: string, { body, signal }: { body: URLSearchParams; signal: AbortSignal }) => {
      sent.push(body.get('id') ?? '')
      if (sent.length > 1) return Promise.resolve(taken())
      giveUp = signal
      return new Promise((_resolve, reject) => signal.addEventListener('abort', () => reject(new Error('given up'))))
    })
    const doing = tab.doAct('s1', take('a'))
    await act(quiet)
    const waiting = tab.doAct('s1', take('b', { characteristic: 'can.height' }))
    await act(quiet)
    expect([sent, giveUp?.aborted]).toEqual([['a'], false])
    await tab.does(() => tab.withdraw(tab.now().acts[0]!))
    await tab.does(() => Promise.all([doing, waiting]).then(() => undefined))
    expect(giveUp?.aborted).toBe(true)
    expect(sent).toEqual(['a', 'b'])
    expect(tab.now().trouble).toBe('')
    expect(tab.now().taken.map(({ act: { fields } }) => fields.id)).toEqual(['b'])
  })

  test('that was taken back and is done again is sent once', async () => {
    const tab = await openTab()
    const strike = { intent: 'strike', id: 'r1' }
    reply = noConnection
    await tab.does(() => tab.doAct('s1', strike))
    await tab.does(() => tab.withdraw(tab.now().acts[0]!))
    reply = taken
    await tab.does(() => tab.doAct('s1', strike))
    expect(sent).toEqual(['r1', 'r1'])
    expect(await tab.kept()).toEqual([])
    expect(tab.now().taken.map(({ act: { fields } }) => fields.id)).toEqual(['r1'])
  })

  test('that is refused stays with the reason, lets the next pass, and can be written anew', async () => {
    const tab = await openTab()
    reply = refused
    await tab.does(() => tab.doAct('s1', take('a', { typed: '0' })))
    expect(tab.now().acts).toMatchObject([{ refusal: 'Zero is no can wall.' }])
    reply = taken
    await tab.does(() => tab.doAct('s1', take('b')))
    expect(await tab.kept()).toEqual(['a'])
    const [waiting] = tab.now().acts
    await tab.does(() => tab.sendAgain(waiting!, take('a', { typed: '0.5' })))
    expect(await tab.kept()).toEqual([])
    expect(sent).toEqual(['a', 'b', 'a'])
  })

  test('that is taken back is sent to nobody and shown as done nowhere', async () => {
    const tab = await openTab()
    reply = noConnection
    await tab.does(() => tab.doAct('s1', take('a')))
    await tab.does(() => tab.withdraw(tab.now().acts[0]!))
    expect(await tab.kept()).toEqual([])
    expect([tab.now().acts, tab.now().taken]).toEqual([[], []])
  })

  test('done twice is one act', async () => {
    const tab = await openTab()
    reply = noConnection
    await tab.does(() => tab.doAct('s1', take('a')))
    await tab.does(() => tab.doAct('s1', take('a')))
    expect(await tab.kept()).toEqual(['a'])
  })

  test('goes out after those before it', async () => {
    const tab = await openTab()
    reply = noConnection
    for (const id of ['a', 'b', 'c']) await tab.does(() => tab.doAct('s1', take(id)))
    reply = taken
    sent = []
    await tab.does(() => tab.sendWaiting())
    expect(sent).toEqual(['a', 'b', 'c'])
  })
})

describe('two tabs of one browser', () => {
  test('each keeps what it did, and neither overwrites the other', async () => {
    const first = await openTab()
    reply = noConnection
    await first.does(() => first.doAct('s1', take('a')))
    const second = await openTab()
    await second.does(() => second.doAct('s1', take('b')))
    await first.does(() => first.doAct('s1', take('c')))
    expect(await first.kept()).toEqual(['a', 'b', 'c'])
    reply = taken
    sent = []
    await second.does(() => second.sendWaiting())
    expect(sent).toEqual(['a', 'b', 'c'])
    expect(await first.kept()).toEqual([])
  })
})

describe('what was left behind', () => {
  test('by a closed page waits on the next one, and is sent when it opens', async () => {
    const first = await openTab()
    reply = noConnection
    await first.does(() => first.doAct('s1', take('a')))
    reply = taken
    sent = []
    const second = await openTab()
    expect(await second.kept()).toEqual([])
    expect(sent).toEqual(['a'])
  })

  test('by the version before is taken over', async () => {
    localStorage.setItem('plicator-outbox', JSON.stringify([{ specimen: 's1', fields: take('old'), waits: true }]))
    reply = noConnection
    const tab = await openTab()
    expect(await tab.kept()).toEqual(['old'])
    expect(localStorage.getItem('plicator-outbox')).toBeNull()
  })

  test('what is no list at all is no hindrance', async () => {
    localStorage.setItem('plicator-outbox', '{"half": ')
    const tab = await openTab()
    await tab.does(() => tab.doAct('s1', take('a')))
    expect(sent).toContain('a')
  })
})

test('where the browser keeps nothing, that is known, and the act is sent all the same', async () => {
  vi.stubGlobal('indexedDB', {
    open: () => {
      throw new DOMException('denied', 'SecurityError')
    },
  })
  const tab = await openTab()
  reply = noConnection
  await tab.does(() => tab.doAct('s1', take('a')))
  expect([...tab.now().unkept]).toEqual(['take a'])
  reply = taken
  await tab.does(() => tab.sendWaiting())
  expect(tab.now().acts).toEqual([])
  expect(sent.filter((id) => id === 'a').length).toBeGreaterThan(1)
})
