import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { catalogue } from '#core/catalogue/index.ts'
import { figures } from '#core/figures/index.ts'
import { criteria } from '#core/score/criteria.ts'
import { methodMarkdown, type SimulationResults } from './method-md.ts'

const root = join(import.meta.dirname, '../..')
const simulation = JSON.parse(readFileSync(join(root, 'simulation/results.json'), 'utf8')) as SimulationResults
const method = methodMarkdown(simulation)

test('docs/method.md is what the app runs on', () => {
  expect(readFileSync(join(root, 'docs/method.md'), 'utf8')).toBe(method)
})

test('it names every figure with its formula, every criterion and everything that is recorded', () => {
  for (const { label, formula } of figures) {
    expect(method).toContain(`| ${label} |`)
    expect(method).toContain(formula.replaceAll('|', '\\|'))
  }
  for (const { label, rationale } of criteria) {
    expect(method).toContain(`| ${label} |`)
    expect(method).toContain(rationale)
  }
  for (const { key } of catalogue) expect(method).toContain(`| \`${key}\` |`)
})
