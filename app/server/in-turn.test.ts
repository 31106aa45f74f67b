import type { NextFunction, Request, Response } from 'express'
import { expect, test } from 'vitest'
import { inTurn } from './in-turn.ts'

const turn = () => new Promise<void>((resolve) => setImmediate(resolve))

/** Asks as a client does, and notes when it is served. */
function asking() {
  const served: string[] = []
  const ask = (method: string, path: string, closed = false) => {
    const next: NextFunction = () => void served.push(`${method} ${path}`)
    inTurn({ method, path } as Request, { closed } as Response, next)
  }
  return { served, ask }
}

test('what is written is served at once, before all who only look', async () => {
  const { served, ask } = asking()
  ask('GET', '/a')
  ask('GET', '/b')
  ask('POST', '/bench')
  expect(served).toEqual(['POST /bench'])
  await turn()
  expect(served).toEqual(['POST /bench', 'GET /a'])
  ask('POST', '/bench')
  await turn()
  expect(served).toEqual(['POST /bench', 'GET /a', 'POST /bench', 'GET /b'])
})

test('who has gone when the turn comes is not served', async () => {
  const { served, ask } = asking()
  ask('GET', '/a', true)
  ask('HEAD', '/b')
  await turn()
  await turn()
  expect(served).toEqual(['HEAD /b'])
})

test('a fault in one is its own', async () => {
  const faults: unknown[] = []
  const next: NextFunction = (fault?: unknown) => {
    if (fault === undefined) throw new Error('cannot be served')
    faults.push(fault)
  }
  inTurn({ method: 'GET', path: '/a' } as Request, { closed: false } as Response, next)
  const { served, ask } = asking()
  ask('GET', '/b')
  await turn()
  await turn()
  expect(faults).toEqual([new Error('cannot be served')])
  expect(served).toEqual(['GET /b'])
})
