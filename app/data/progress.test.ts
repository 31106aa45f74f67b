import { afterEach, expect, test, vi } from 'vitest'
import { whileWanted } from '#app/storage/request-scope.ts'
import { progressOf, tellProgress, whileOthersWork, withinMoment } from './progress.server.ts'

afterEach(() => vi.useRealTimers())

function* slowly(pieces: number): Generator<number, string> {
  for (let piece = 1; piece <= pieces; piece++) {
    const until = performance.now() + 25
    while (performance.now() < until);
    yield piece / pieces
  }
  return 'done'
}

test('what is told of is known, and nothing before', () => {
  expect(progressOf('a work')).toBe(0)
  tellProgress('a work', 0.4)
  expect(progressOf('a work')).toBe(0.4)
})

test('long work lets other work have its turn, and says how far it is', async () => {
  const told: number[] = []
  let turns = 0
  const others = setInterval(() => turns++, 1)
  expect(await whileOthersWork(slowly(8), (share) => told.push(share))).toBe('done')
  clearInterval(others)
  expect(turns).toBeGreaterThan(1)
  expect(told).toEqual([...told].sort((a, b) => a - b))
  expect(told.length).toBeGreaterThan(1)
})

test('it ends when nobody waits for it', async () => {
  const sender = new AbortController()
  const work = whileWanted(sender.signal, () => whileOthersWork(slowly(100), () => sender.abort(new Error('gone'))))
  await expect(work).rejects.toThrow('gone')
})

test('what takes longer than a moment is not waited for, and what fails is said', async () => {
  vi.useFakeTimers()
  const slow = withinMoment(new Promise((resolve) => setTimeout(() => resolve('late'), 5000)))
  await vi.advanceTimersByTimeAsync(1000)
  expect(await slow).toBeUndefined()
  expect(await withinMoment(Promise.resolve('soon'))).toBe('soon')
  await expect(withinMoment(Promise.reject(new Error('broken')))).rejects.toThrow('broken')
})
