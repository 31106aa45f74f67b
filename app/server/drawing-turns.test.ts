import { describe, expect, test } from 'vitest'
import { DrawingTurns } from './drawing-turns.ts'

const turn = () => new Promise<void>((resolve) => setImmediate(resolve))

/** Turns on a clock of their own, and what was drawn with them, in order. */
function turnsOf() {
  let time = 0
  const drawn: string[] = []
  const turns = new DrawingTurns(() => time)
  return {
    drawn,
    pass: (ms: number) => void (time += ms),
    ask: (kind: string, takes: number) =>
      turns.inTurn(kind, () => {
        drawn.push(kind)
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
  turns.drawn.length = 0
  return turns
}

describe('pages that wait to be drawn', () => {
  test('one is drawn a turn of the loop, so that what comes meanwhile is heard', async () => {
    const { ask, drawn } = turnsOf()
    const all = Promise.all([ask('a', 10), ask('b', 10)])
    expect(drawn).toEqual([])
    await turn()
    expect(drawn).toEqual(['a'])
    expect(await all).toEqual(['a', 'b'])
  })

  test('what is drawn sooner comes first, and one that came while another was drawn is in time', async () => {
    const { ask, drawn } = await learned()
    const all = [ask('long', 80), ask('long', 80), ask('short', 20)]
    await turn()
    all.push(ask('short', 20))
    await Promise.all(all)
    expect(drawn).toEqual(['short', 'short', 'long', 'long'])
  })

  test('but nothing waits for longer than it saves the others', async () => {
    const { ask, drawn, pass } = await learned()
    const first = ask('long', 80)
    pass(61)
    await Promise.all([first, ask('short', 20)])
    expect(drawn).toEqual(['long', 'short'])
  })

  test('a fault in one is told to whom it concerns alone', async () => {
    const { ask } = turnsOf()
    const turns = new DrawingTurns()
    const failed = turns.inTurn('a', () => {
      throw new Error('cannot be drawn')
    })
    await expect(failed).rejects.toThrow('cannot be drawn')
    expect(await turns.inTurn('a', () => Promise.resolve('b'))).toBe('b')
    expect(await ask('c', 1)).toBe('c')
  })
})
