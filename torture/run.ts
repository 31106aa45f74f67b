/**
 * Does to the built app what happens in a workshop: kills it at every work, fills its disk, locks and damages its
 * files. npm run torture; with --short a form of it that takes a minute. Seeded. Prints what was tried, what survived
 * and what was lost, and ends with 1 when anything was.
 */
import { randomSource } from '../benchmarks/random-source.ts'
import type { Case, Outcome } from './case.ts'
import { fullDisk } from './cases/full-disk.ts'
import { givenUp } from './cases/given-up.ts'
import { killsWhileImporting } from './cases/kills-while-importing.ts'
import { killsWhileMigrating } from './cases/kills-while-migrating.ts'
import { killsWhileRestoring } from './cases/kills-while-restoring.ts'
import { killsWhileWriting } from './cases/kills-while-writing.ts'
import { twoServers, twoTabs } from './cases/two-at-once.ts'
import { damagedPages, lockedDatabase, readOnlyFolder } from './cases/unusable.ts'
import { removeDemo } from './folder.ts'

const isShort = process.argv.includes('--short')
const seed = 20_261_125

const cases: Case[] = [
  killsWhileWriting,
  killsWhileImporting,
  killsWhileMigrating,
  killsWhileRestoring,
  fullDisk,
  readOnlyFolder,
  damagedPages,
  lockedDatabase,
  twoServers,
  twoTabs,
  givenUp,
]

const columns = (name: string, { tried, survived, lost }: Record<'tried' | 'survived' | 'lost', string | number>) =>
  `${name.padEnd(40)}${String(tried).padStart(7)}${String(survived).padStart(10)}${String(lost).padStart(6)}`

console.log(columns('', { tried: 'tried', survived: 'survived', lost: 'lost' }))
const outcomes: Outcome[] = []
for (const [index, { name, times, run }] of cases.entries()) {
  const outcome = await run(isShort ? times.short : times.whole, randomSource(seed + index))
  outcomes.push(outcome)
  console.log(columns(name, outcome), outcome.remarks.length > 0 ? `  ${[...new Set(outcome.remarks)].join('; ')}` : '')
}
removeDemo()
if (outcomes.some(({ tried, survived, lost }) => lost > 0 || survived < tried)) process.exitCode = 1
