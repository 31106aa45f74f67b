import { bench, describe } from 'vitest'
import { sfc32 } from '#core/score/random.ts'
import type { BuildRecord, KinValue } from '#core/kin/build-record.ts'
import { frequenciesOf } from '#core/kin/frequencies.ts'
import { kinFeatures } from '#core/kin/kin-features.ts'
import { allRelatives, relativesOf } from '#core/kin/kin-families.ts'

/** A library of products in which two of three things are known of each. */
function library(products: number): BuildRecord[] {
  const next = sfc32(3)
  const even = () => next() / 4294967296
  return Array.from({ length: products }, (_, at) => ({
    id: `p${at}`,
    form: 'spin-on' as const,
    engines: [`e${at % 40}`],
    product: `p${at}`,
    values: kinFeatures.map(({ kind, of, characteristic }): KinValue | undefined => {
      if (even() < 1 / 3) return undefined
      const specimen = 's'
      if (kind === 'answer') return { answer: `answer ${Math.floor(even() * of)}`, specimen }
      if (kind === 'step') return { number: Math.floor(even() * 5) * of, u: 0, degrees: Infinity, specimen }
      const [low, high] = 'typical' in characteristic ? characteristic.typical : [0.003, 0.009]
      const number = low + even() * (high - low)
      return { number, u: 0.01 * number, degrees: 4, specimen }
    }),
  }))
}

const all = library(500)
const frequencies = frequenciesOf(all)
const once = { iterations: 2, time: 0, warmupIterations: 1, warmupTime: 0 }

describe('kin, 500 products', () => {
  bench('how common everything is', () => void frequenciesOf(all), once)
  bench('each against each: 124,750 pairs (5 s asked)', () => void allRelatives(all, frequencies), once)
  bench('one that has changed against all others (50 ms asked)', () => void relativesOf(all[7]!, all, frequencies), {
    ...once,
    iterations: 20,
  })
})
