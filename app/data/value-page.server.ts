import { findCharacteristic } from '#core/catalogue/index.ts'
import { unitSpread } from '#core/compare/unit-spread.ts'
import { findFigure } from '#core/figures/index.ts'
import { assessSpecimen, assessSpecimens } from './assessments.server.ts'
import { listReadings } from './readings.server.ts'
import { listSpecimensOf, type Specimen } from './specimens.server.ts'
import { librarySpreads } from './summaries.server.ts'
import { figureView, resolvedValueView } from './view-models.ts'

/** A figure or a characteristic of a specimen with all that it rests on; undefined when there is no such key. */
export async function loadValue(specimen: Specimen, key: string) {
  const [{ values, figures }, spread] = await Promise.all([assessSpecimen(specimen), spreadOf(specimen, key)])
  const figure = findFigure(key)
  const result = figures.get(key)
  if (figure && result) {
    const inputs = [...figure.needs, ...(figure.sharpenedBy ?? [])].flatMap((input) => {
      const value = values.get(input)
      return value ? [resolvedValueView(value)] : []
    })
    return { kind: 'figure' as const, key, label: figure.label, spread, result: figureView(result), inputs }
  }
  const characteristic = findCharacteristic(key)
  if (!characteristic?.forms.includes(specimen.form)) return undefined
  const readings = (await listReadings(specimen.id)).filter((reading) => reading.characteristic === key)
  const value = values.get(key)
  return {
    kind: 'characteristic' as const,
    key,
    label: characteristic.label,
    spread,
    readings,
    resolved: value && resolvedValueView(value),
  }
}

/** How much units of the specimen's revision differ in a characteristic or figure. */
async function spreadOf(specimen: Specimen, key: string) {
  const { productId, revisionId } = specimen
  const units = (await listSpecimensOf(productId)).filter((one) => one.revisionId === revisionId)
  const [assessed, spreads] = await Promise.all([assessSpecimens(units), librarySpreads(specimen)])
  const numbers = assessed.flatMap(({ assessment: { values, figures } }) => {
    const figure = figures.get(key)
    const number = figure?.state === 'known' ? figure.number : values.get(key)?.number
    return number ? [number.value] : []
  })
  return unitSpread(numbers, spreads.get(key))
}
