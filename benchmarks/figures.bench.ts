import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { bench, describe } from 'vitest'
import { computeFigures } from '#core/figures/index.ts'
import { assess } from '#core/figures/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { resolve } from '#core/teardown/resolve.ts'

/** One complete spin-on of the demo, as readings. */
function specimen(id: string): Reading[] {
  const { products } = JSON.parse(readFileSync(join(import.meta.dirname, '../db/demo/skerry-1.1-d.json'), 'utf8')) as {
    products: { partNumber: string; revisions: { specimens: { readings: string[][] }[] }[] }[]
  }
  const typed: Record<string, string[]> = {}
  for (const [key, text] of products.find(({ partNumber }) => partNumber === 'CV-214')!.revisions[0]!.specimens[0]!
    .readings)
    (typed[key!] ??= []).push(text!)
  return readings(typed, id)
}

const lineup = Array.from({ length: 20 }, (_, index) => specimen(`specimen${index}`))
const many = (factor: number) => lineup.map((those) => Array.from({ length: factor }, () => those).flat())
const [ten, fifty, hundredThirty] = [many(10), many(50), many(133)]
const count = (those: Reading[][]) => those.reduce((sum, { length }) => sum + length, 0)

/** The same arithmetic on the latest readings, with no uncertainty, evidence or reasons: what it costs to be sure. */
function straight(those: Reading[][]): number {
  let sum = 0
  for (const one of those) {
    const v: Record<string, number> = {}
    for (const { characteristic, valueNumber } of one) v[characteristic] = valueNumber ?? 0
    const [length, width, buried, pleats, od, id, t] = [
      v['media.length']!,
      v['media.width']!,
      v['media.buried']!,
      v['pleats.count']!,
      v['element.od']!,
      v['element.id']!,
      v['media.thickness']!,
    ]
    sum +=
      length * (width - buried) +
      length / (2 * pleats) +
      (od - id) / 2 +
      (2 * pleats * t) / (Math.PI * id) +
      (Math.PI * od) / pleats
    sum +=
      v['media.weight']! / (length * width) +
      (2 * 330e6 * v['can.wall']!) / v['can.diameter']! +
      (v['can.wall']! / 0.000381) ** 3
  }
  return sum
}

describe('all figures of 20 specimens from raw readings', () => {
  bench(`${count(lineup)} readings`, () => {
    for (const those of lineup) computeFigures('spin-on', resolve(those))
  })
  bench('the same, with score, completeness and findings', () => {
    for (const those of lineup) assess('spin-on', those)
  })
  bench('a straight loop, no uncertainty', () => {
    straight(lineup)
  })
})

describe('grows in line with the readings', () => {
  for (const those of [ten, fifty, hundredThirty]) {
    bench(`${count(those)} readings`, () => {
      for (const one of those) computeFigures('spin-on', resolve(one))
    })
  }
})
