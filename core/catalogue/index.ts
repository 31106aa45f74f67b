import { boxCharacteristics } from './box.ts'
import type { Characteristic, Form } from './characteristic.ts'
import { elementCharacteristics } from './element.ts'
import { mediaCharacteristics } from './media.ts'
import { outsideCharacteristics } from './outside.ts'
import { partsOutCharacteristics } from './parts-out.ts'

export * from './cautions.ts'
export * from './characteristic.ts'
export * from './evidence.ts'
export * from './parts.ts'
export * from './stations.ts'

/**
 * Everything that can be recorded of a specimen, in the order of work. Capture, completeness,
 * comparison, scoring, drawing and export all read this list.
 */
export const catalogue: readonly Characteristic[] = [
  ...boxCharacteristics,
  ...outsideCharacteristics,
  ...partsOutCharacteristics,
  ...elementCharacteristics,
  ...mediaCharacteristics,
]

const byKey = new Map(catalogue.map((characteristic) => [characteristic.key, characteristic]))

/**
 * The characteristic with this key, if there is one.
 *
 * @example findCharacteristic('can.wall')?.label // => 'Can wall'
 */
export const findCharacteristic = (key: string): Characteristic | undefined => byKey.get(key)

/**
 * The characteristic with this key.
 *
 * @throws Error when there is none: a fault of the program
 * @example characteristicOf('can.wall').label // => 'Can wall'
 */
export function characteristicOf(key: string): Characteristic {
  const found = byKey.get(key)
  if (!found) throw new Error(`The catalogue has no characteristic "${key}"`)
  return found
}

/**
 * What can be recorded of a filter of this form, in the order of work.
 *
 * @example catalogueFor('cartridge').some(({ key }) => key === 'can.wall') // => false
 */
export const catalogueFor = (form: Form): Characteristic[] =>
  catalogue.filter((characteristic) => characteristic.forms.includes(form))
