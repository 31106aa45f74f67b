import { describe, expect, test } from 'vitest'
import { Turns } from './turns.ts'

const turn = () => new Promise<void>((resolve) => setImmediate(resolve))

/** Turns on a clock of their own, and what was done in them, in order. */
function turnsOf() {
  let time = 0
  const done: string[] = []
  const turns = new Turns(() => time)
  return {
    done,
    pass: (ms: number) => void (time += ms),
    ask: (kind: string, takes: number) =>
      turns.inTurn(kind, () => {
        done.push(kind)
        time += takes
        return Promise.resolve(kind)
      }),
  }
}

async function learned() {
  const turns = turnsOf()
  for (const [kind, takes] of [
    ['long', 80],
    ['short', 20],
  ] as const) {
    await turns.ask(kind, takes)
    await turn()
  }
  turns.done.length = 0
  return turns
}

describe('works that wait for their turn', () => {
  test('one is done a turn of the loop, so that what comes meanwhile is heard', async () => {
    const { ask, done } = turnsOf()
    const all = Promise.all([ask('a', 10), ask('b', 10)])
    expect(done).toEqual([])
    await turn()
    expect(done).toEqual(['a'])
    expect(await all).toEqual(['a', 'b'])
  })

  test('what is done sooner comes first, and one that came while another was done is in time', async () => {
    const { ask, done } = await learned()
    const all = [ask('long', 80), ask('long', 80), ask('short', 20)]
    await turn()
    all.push(ask('short', 20))
    await Promise.all(all)
    expect(done).toEqual(['short', 'short', 'long', 'long'])
  })

  test('but nothing waits for longer than it saves the others', async () => {
    const { ask, done, pass } = await learned()
    const first = ask('long', 80)
    pass(61)
    await Promise.all([first, ask('short', 20)])
    expect(done).toEqual(['long', 'short'])
  })

  test('a work that asks for another has that done in a turn of its own', async () => {
    const turns = new Turns()
    const done: string[] = []
    const inner = () => turns.inTurn('inner', () => Promise.resolve(void done.push('inner')))
    await turns.inTurn('outer', async () => {
      const later = inner()
      done.push('outer')
      await later
    })
    await turn()
    expect(done).toEqual(['outer', 'inner'])
    expect(await turns.inTurn('next', () => Promise.resolve('done'))).toBe('done')
  })

  test('a fault in one is told to whom it concerns alone', async () => {
    const { ask } = turnsOf()
    const turns = new Turns()
    const failed = turns.inTurn('a', () => {
      throw new Error('cannot be done')
    })
    await expect(failed).rejects.toThrow('cannot be done')
    expect(await turns.inTurn('a', () => Promise.resolve('b'))).toBe('b')
    expect(await ask('c', 1)).toBe('c')
  })
})
