import { boxCharacteristics } from './box.ts'
import type { Characteristic } from './characteristic.ts'
import { coreAndPleatsCharacteristics } from './core-and-pleats.ts'
import { elementCharacteristics } from './element.ts'
import type { FilterForm } from './filter-form.ts'
import { handTestCharacteristics } from './hand-tests.ts'
import { firstLookCharacteristics } from './first-look.ts'
import { markCharacteristics } from './marks.ts'
import { mediaCharacteristics } from './media.ts'
import { outsideCartridgeCharacteristics } from './outside-cartridge.ts'
import { outsideSpinOnCharacteristics } from './outside-spin-on.ts'
import { springAndBypassCharacteristics } from './spring-and-bypass.ts'
import { stations, type StationKey } from './stations.ts'
import { toldFigureCharacteristics } from './told-figures.ts'
import { valveAndCanCharacteristics } from './valve-and-can.ts'
import { weighedAlongCharacteristics } from './weighed-along.ts'

export * from './cautions.ts'
export * from './characteristic.ts'
export * from './evidence.ts'
export * from './exhibit-parts.ts'
export * from './filter-form.ts'
export * from './former-answers.ts'
export * from './filter-parts.ts'
export * from './size-class.ts'
export * from './stations.ts'
export * from './synonyms.ts'
export * from './weighed-along.ts'

const all: readonly Characteristic[] = [
  ...boxCharacteristics,
  ...toldFigureCharacteristics,
  ...outsideSpinOnCharacteristics,
  ...outsideCartridgeCharacteristics,
  ...firstLookCharacteristics,
  ...springAndBypassCharacteristics,
  ...valveAndCanCharacteristics,
  ...elementCharacteristics,
  ...coreAndPleatsCharacteristics,
  ...mediaCharacteristics,
  ...weighedAlongCharacteristics,
  ...handTestCharacteristics,
  ...markCharacteristics,
]

const orderOf = new Map<StationKey, number>(stations.map(({ key }, order) => [key, order]))

/**
 * Everything that can be recorded of a specimen, in the order of work. Capture, completeness,
 * comparison, scoring, drawing and export all read this list.
 */
export const catalogue: readonly Characteristic[] = [...all].sort(
  (a, b) => (orderOf.get(a.station) ?? 0) - (orderOf.get(b.station) ?? 0),
)

const byKey = new Map(catalogue.map((characteristic) => [characteristic.key, characteristic]))

const tellingFigure = new Map(
  catalogue.flatMap((one): [string, Characteristic][] =>
    one.kind === 'quantity' && one.figure !== undefined ? [[one.figure, one]] : [],
  ),
)

/**
 * The characteristic by which a figure is told as such, without what it is worked out from.
 *
 * @param figure its key
 * @example toldFigure('media.area')?.key // => 'told.media.area'
 */
export const toldFigure = (figure: string): Characteristic | undefined => tellingFigure.get(figure)

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
export const catalogueFor = (form: FilterForm): Characteristic[] =>
  catalogue.filter((characteristic) => characteristic.forms.includes(form))
