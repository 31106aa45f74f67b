import { optionsOf } from '#core/catalogue/index.ts'
import { kinFeatures } from '#core/kin/kin-features.ts'
import { kinParts, type KinPartKey } from '#core/kin/kin-parts.ts'
import type { Chance } from './chance.ts'
import { drawMarket, fieldOf, type Field, type TrueProduct, type TrueValue } from './truth.ts'

/** Characteristics that speak of each part. */
const keysOf = new Map(
  kinParts.map(({ key }) => [
    key,
    [...new Set(kinFeatures.filter(({ part }) => part === key).map(({ characteristic }) => characteristic.key))],
  ]),
)

export const kinField: Field = fieldOf('spin-on', [...keysOf.values()].flat())

/** A name in a market: what is in it, for which engine, and which tool each of its parts comes from. */
export interface NamedBuild {
  build: number
  engine: string
  product: TrueProduct
  tools: Readonly<Record<KinPartKey, string>>
}

interface Build extends Omit<NamedBuild, 'build'> {
  build: number
}

/** So many engines share the builds, and so alike are the diameters of the cans of one. */
const engines = 12
const alike = 0.004
/** A build takes after another one, in each part with an even chance. */
const takesAfter = 0.35
/** A part of a stranger comes from the tool of another by chance. */
const sharedByChance = 0.02

/**
 * A market of builds that are sold under more names than there are builds, each name for the engine of its build.
 *
 * @param builds so many
 * @param names so many; the first ones are of a build each
 * @param isShared whether builds share parts at all
 */
export function drawNamedBuilds(chance: Chance, builds: number, names: number, isShared = true): NamedBuild[] {
  const { products } = drawMarket(chance, builds, kinField)
  const drawn: Build[] = []
  for (const [build, product] of products.entries()) {
    const engine = chance.below(engines)
    const values = new Map(product.values)
    for (const { key } of kinField.characteristics) values.set(key, ownValue(chance, key, values.get(key)))
    values.set('can.diameter', { number: 0.066 + 0.002 * engine * (1 + alike * chance.normal()) })
    const tools = Object.fromEntries(kinParts.map(({ key }) => [key, `${key} ${build}`])) as Record<KinPartKey, string>
    const elder = isShared && drawn.length > 0 ? drawn[chance.below(drawn.length)] : undefined
    const isHeir = chance.isTrue(takesAfter)
    for (const { key } of kinParts) {
      const from = isHeir ? elder : isShared ? drawn[chance.below(Math.max(1, drawn.length))] : undefined
      if (!from || !chance.isTrue(isHeir ? 0.5 : sharedByChance)) continue
      tools[key] = from.tools[key]
      for (const characteristic of keysOf.get(key) ?? []) {
        const value = from.product.values.get(characteristic)
        if (value) values.set(characteristic, value)
      }
    }
    drawn.push({ build, engine: `engine ${engine}`, product: { ...product, values }, tools })
  }
  return Array.from({ length: names }, (_, name) => {
    const of = drawn[name < builds ? name : chance.below(builds)]
    if (!of) throw new Error('There is no build')
    return of
  })
}

/** Words and holes of a build, which a market of scores has no use for. */
function ownValue(chance: Chance, key: string, value: TrueValue | undefined): TrueValue {
  const characteristic = kinField.characteristics.find((one) => one.key === key)
  if (characteristic?.kind === 'openings' && value && 'width' in value) {
    const [least, most] = key === 'core.openings' ? [30, 120] : [4, 10]
    const width = value.width * (0.7 + 0.6 * chance.even())
    return { width, count: least + chance.below(most - least + 1), hasOdd: chance.isTrue(0.06) }
  }
  if (characteristic?.kind === 'text') return { text: `word ${chance.below(12)}` }
  if (value && 'text' in value && value.text === '' && characteristic) {
    const options = optionsOf(characteristic)
    return { text: options[chance.below(options.length)]?.value ?? '' }
  }
  return value ?? { text: '' }
}
