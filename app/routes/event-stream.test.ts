import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { eventStream, type Say } from './event-stream.server.ts'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

const listening = (signal = new AbortController().signal) =>
  new Request('http://localhost/events', { headers: { Accept: 'text/event-stream' }, signal })

function opened(signal?: AbortSignal) {
  const end = vi.fn()
  let say: Say = () => {}
  const answer = eventStream(listening(signal), (own) => {
    say = own
    say('data: first\n\n')
    return end
  })
  return { end, say: (text: string) => say(text), body: answer.body!, answer }
}

const decoder = new TextDecoder()
const read = async (reader: ReadableStreamDefaultReader<Uint8Array>) => decoder.decode((await reader.read()).value)

describe('a stream of events', () => {
  it('says what is said, and that it is still there', async () => {
    const { say, body, answer } = opened()
    const reader = body.getReader()
    expect(answer.headers.get('Content-Type')).toBe('text/event-stream')
    expect(await read(reader)).toBe('data: first\n\n')
    say('data: second\n\n')
    expect(await read(reader)).toBe('data: second\n\n')
    vi.advanceTimersByTime(15_000)
    expect(await read(reader)).toBe(': still here\n\n')
  })

  it('is over once its body is let go of, and breaks nothing by what is said after', async () => {
    const { end, say, body } = opened()
    await body.cancel()
    expect(end).toHaveBeenCalledOnce()
    expect(() => say('data: late\n\n')).not.toThrow()
    expect(() => vi.advanceTimersByTime(60_000)).not.toThrow()
    expect(vi.getTimerCount()).toBe(0)
  })

  it('is over once the request is given up, once', async () => {
    const request = new AbortController()
    const { end, say, body } = opened(request.signal)
    request.abort()
    await body.cancel()
    expect(end).toHaveBeenCalledOnce()
    expect(() => say('data: late\n\n')).not.toThrow()
    expect(vi.getTimerCount()).toBe(0)
  })

  it('is refused to who does not listen, since it would never be read to its end', async () => {
    const begin = vi.fn(() => () => {})
    const answer = eventStream(new Request('http://localhost/events', { headers: { Accept: '*/*' } }), begin)
    expect(answer.status).toBe(406)
    expect(await answer.text()).toContain('listened to')
    expect(begin).not.toHaveBeenCalled()
  })

  it('is over at once where the request was given up before', () => {
    const { end } = opened(AbortSignal.abort())
    expect(end).toHaveBeenCalledOnce()
    expect(vi.getTimerCount()).toBe(0)
  })
})
