/**
 * Mutation tests of core, area by area: npm run mutate -- [area ...]. Ends with 1 when fewer than 80 % of an area's
 * mutants are found. The files that draw are mutated one at a time and judged by the tests of their own alone, which
 * judge nothing else: a mutant makes every test slow that draws.
 */
import { Stryker } from '@stryker-mutator/core'

const least = 80

const areas = ['quantity', 'teardown', 'claims', 'score', 'verdict']

/** Files that draw, with the tests that they are judged by. */
const drawing: Record<string, string[]> = {
  'core/score/acceptability.ts': ['core/score/acceptability'],
  'core/score/draw-columns.ts': ['core/score/draw-columns'],
  'core/score/draw-scores.ts': ['core/score/draw-scores', 'core/score/acceptability'],
  'core/score/first-places.ts': ['core/score/first-places', 'core/score/acceptability'],
  'core/score/point-chances.ts': ['core/score/point-chances'],
  'core/score/random.ts': ['core/score/draw-scores', 'core/score/acceptability'],
  'core/score/related-points.ts': ['core/score/related-points'],
  'core/verdict/cheapest-review.ts': ['core/verdict/cheapest-review'],
  'core/verdict/first-by-range.ts': ['core/verdict/first-by-range', 'core/verdict/next-reading'],
  'core/verdict/next-reading.ts': ['core/verdict/next-reading', 'core/verdict/next-answers'],
  'core/verdict/specimens-until-sure.ts': ['core/verdict/specimens-until-sure'],
}

interface Count {
  found: number
  mutants: number
}

const foundStates = ['Killed', 'Timeout']
const countedStates = [...foundStates, 'Survived', 'NoCoverage']

/** Mutates files and runs the tests of the given names; says which mutants nobody found. */
async function mutate(files: readonly string[], tests: readonly string[]): Promise<Count> {
  process.env['MUTATED_TESTS'] = tests.join(',')
  const results = await new Stryker({
    mutate: [...files],
    thresholds: { high: 90, low: least, break: null },
  }).runMutationTest()
  const counted = results.filter(({ status }) => countedStates.includes(status))
  for (const { status, fileName, location, replacement } of counted) {
    if (foundStates.includes(status)) continue
    const place = `${fileName.split('/core/').at(-1)}:${location.start.line}`
    console.log(`${status}  ${place}  ${replacement?.replaceAll(/\s+/g, ' ').slice(0, 100)}`)
  }
  return { found: counted.filter(({ status }) => foundStates.includes(status)).length, mutants: counted.length }
}

async function mutateArea(area: string): Promise<Count> {
  const apart = Object.entries(drawing).filter(([file]) => file.startsWith(`core/${area}/`))
  const aside = ['core/**/*.test.ts', 'core/**/*.fixture.ts', ...apart.map(([file]) => file)]
  const slow = Object.keys(drawing).map((file) => file.split('/').at(-1)?.replace('.ts', ''))
  const tests = ['core/examples', ...[...areas, 'compare'].map((one) => `core/${one}/**/!(${slow.join('|')})`)]
  const counts = [await mutate([`core/${area}/**/*.ts`, ...aside.map((file) => `!${file}`)], tests)]
  for (const [file, own] of apart) counts.push(await mutate([file], own))
  return {
    found: counts.reduce((sum, { found }) => sum + found, 0),
    mutants: counts.reduce((sum, { mutants }) => sum + mutants, 0),
  }
}

const chosen = process.argv.slice(2).length > 0 ? process.argv.slice(2) : areas
for (const area of chosen) {
  const { found, mutants } = await mutateArea(area)
  const share = (100 * found) / mutants
  console.log(`core/${area}: ${found} of ${mutants} mutants are found, ${share.toFixed(1)} %`)
  if (share < least) process.exitCode = 1
}
