import { expect, test } from 'vitest'

const sources = import.meta.glob<string>('./*.server.ts', { query: '?raw', import: 'default', eager: true })

test('no two works of the threads have one name: the later would be done for the earlier', () => {
  const named = /(?:inThread|lineupQuery)\(\s*(?:'(?:lineups|files)',\s*)?'([^']+)'/g
  const names = Object.values(sources).flatMap((source) => [...source.matchAll(named)].map(([, name]) => name))
  expect(names.length).toBeGreaterThan(20)
  expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([])
})
