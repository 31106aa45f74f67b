import { describe, expect, test } from 'vitest'
import { RenderTurns } from './render-turns.ts'

const turn = () => new Promise<void>((resolve) => setImmediate(resolve))

/** Turns on a clock of their own, and what was rendered with them, in order. */
function turnsOf() {
  let time = 0
  const rendered: string[] = []
  const turns = new RenderTurns(() => time)
  return {
    rendered,
    pass: (ms: number) => void (time += ms),
    ask: (kind: string, takes: number) =>
      turns.inTurn(kind, () => {
        rendered.push(kind)
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
  turns.rendered.length = 0
  return turns
}

describe('pages that wait to be rendered', () => {
  test('one is rendered a turn of the loop, so that what comes meanwhile is heard', async () => {
    const { ask, rendered } = turnsOf()
    const all = Promise.all([ask('a', 10), ask('b', 10)])
    expect(rendered).toEqual([])
    await turn()
    expect(rendered).toEqual(['a'])
    expect(await all).toEqual(['a', 'b'])
  })

  test('what is rendered sooner comes first, and one that came while another was rendered is in time', async () => {
    const { ask, rendered } = await learned()
    const all = [ask('long', 80), ask('long', 80), ask('short', 20)]
    await turn()
    all.push(ask('short', 20))
    await Promise.all(all)
    expect(rendered).toEqual(['short', 'short', 'long', 'long'])
  })

  test('but nothing waits for longer than it saves the others', async () => {
    const { ask, rendered, pass } = await learned()
    const first = ask('long', 80)
    pass(61)
    await Promise.all([first, ask('short', 20)])
    expect(rendered).toEqual(['long', 'short'])
  })

  test('a fault in one is told to whom it concerns alone', async () => {
    const { ask } = turnsOf()
    const turns = new RenderTurns()
    const failed = turns.inTurn('a', () => {
      throw new Error('cannot be rendered')
    })
    await expect(failed).rejects.toThrow('cannot be rendered')
    expect(await turns.inTurn('a', () => Promise.resolve('b'))).toBe('b')
    expect(await ask('c', 1)).toBe('c')
  })
})
