/**
 * Shows that the verdict keeps its word: markets with a known truth are drawn, reviewed with instruments that are off
 * and readings that are missing, and judged as the app judges them. npm run simulate; with --short a form of it for
 * each test run. Seeded. Prints the table, and ends with 1 when anything in it does not hold; the whole run keeps it
 * for docs/method.md.
 */
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Extent, Finding } from './check.ts'
import { checkFigures } from './checks/figures.ts'
import { checkFlips } from './checks/flips.ts'
import { checkMarks } from './checks/marks.ts'
import { checkNextReading } from './checks/next-reading.ts'
import { checkReviewers } from './checks/reviewers.ts'
import { checkVerdicts } from './checks/verdicts.ts'

const extent: Extent = process.argv.includes('--short') ? 'short' : 'whole'
const seed = 20_261_125
const started = performance.now()

const verdicts = checkVerdicts(seed, extent)
const findings: Finding[] = [
  ...checkFigures(seed + 1e8, extent),
  ...verdicts.findings,
  ...checkMarks(seed + 2e8, extent),
  ...checkFlips(seed + 3e8, extent),
  // One market says nothing of how fast a curve rises: only the whole run looks at it.
  ...(extent === 'whole' ? checkNextReading(seed + 5e8) : []),
  ...checkReviewers(seed + 4e8, extent),
]

for (const { what, found, must, holds } of findings)
  console.log(`${holds ? '  ' : '! '}${what.padEnd(62)} ${found.padEnd(24)} must: ${must}`)
console.log(`${((performance.now() - started) / 1000).toFixed(0)} s, seed ${seed}`)
if (extent === 'whole')
  writeFileSync(
    join(import.meta.dirname, 'results.json'),
    `${JSON.stringify({ seed, findings, calibration: verdicts.calibration }, null, 1)}\n`,
  )
if (findings.some(({ holds }) => !holds)) process.exitCode = 1
