import { z } from 'zod'
import { formOfSizeClass, sizeClasses, type SizeClass } from '#core/catalogue/index.ts'
import { engineTroubles, type EngineTrouble } from '#core/figures/trouble.ts'
import { mountings, type Mounting } from '#core/kin/fitment-checks.ts'
import { duties } from '#core/money/driver.ts'
import { parseThread } from '#core/quantity/thread.ts'
import type { ApplicationFields } from '#app/data/applications.server.ts'
import * as texts from '#app/texts/engine.ts'
import { intervalText, quantityText, rawInputOf, type FieldValues } from './field-values.ts'
import { filterForms } from './labels.ts'
import { id, line, oneOf, optionalInterval, optionalLine, optionalQuantity, type QuantityField } from './zod-fields.ts'

const quantities = {
  bypassOpening: {
    name: texts.bypassOpening,
    dimension: 'pressure',
    units: ['bar', 'psi', 'kPa'],
    range: [0.2e5, 6e5],
  },
  oilTemperatureMin: {
    name: texts.coldestOil,
    dimension: 'temperature',
    units: ['°C', '°F'],
    range: [203.15, 323.15],
  },
  oilTemperatureMax: {
    name: texts.hottestOil,
    dimension: 'temperature',
    units: ['°C', '°F'],
    range: [323.15, 473.15],
  },
  maxHeight: { name: texts.roomForTheCan, dimension: 'length', units: ['mm', 'in'], range: [0.03, 0.4] },
  maxDiameter: { name: texts.roomAcross, dimension: 'length', units: ['mm', 'in'], range: [0.03, 0.3] },
  gasketLand: { name: texts.gasketLand, dimension: 'length', units: ['mm', 'in'], range: [0.03, 0.2] },
} as const satisfies Record<string, QuantityField>

const thread = z
  .string()
  .trim()
  .max(40, texts.thatIsTooLongForA)
  .default('')
  .transform((text, context) => {
    if (text === '') return null
    const parsed = parseThread(text)
    if (parsed.ok) return parsed.value.designation
    context.addIssue(parsed.problem.message)
    return z.NEVER
  })

const troubleKeys = engineTroubles.map(({ key }) => key) as [EngineTrouble, ...EngineTrouble[]]

const mountingKeys = mountings.map(({ key }) => key) as [Mounting, ...Mounting[]]

const sizeClassKeys = sizeClasses.map(({ key }) => key) as [SizeClass, ...SizeClass[]]

const anyApplicationSchema = z.object({
  id,
  name: line(texts.theName, 80),
  machine: optionalLine(texts.theDescription, 160),
  form: oneOf(filterForms, texts.chooseSpinOnOrCartridge),
  sizeClass: z.enum(['', ...sizeClassKeys], { error: texts.chooseASizeClassOrLeave }).default(''),
  thread,
  bypass: oneOf(['filter', 'engine', 'unknown'], texts.sayWhereTheBypassIsOr),
  bypassOpening: optionalQuantity(quantities.bypassOpening),
  oilTemperatureMin: optionalQuantity(quantities.oilTemperatureMin),
  oilTemperatureMax: optionalQuantity(quantities.oilTemperatureMax),
  maxHeight: optionalQuantity(quantities.maxHeight),
  maxDiameter: optionalQuantity(quantities.maxDiameter),
  gasketLand: optionalQuantity(quantities.gasketLand),
  mounting: z.enum(['', ...mountingKeys], { error: texts.chooseHowTheFilterIsMounted }).default(''),
  easyInterval: optionalInterval(texts.theInterval),
  normalInterval: optionalInterval(texts.theInterval),
  severeInterval: optionalInterval(texts.theInterval),
  trouble: z.enum(['', ...troubleKeys], { error: texts.chooseATroubleOrNone }).default(''),
  note: optionalLine(texts.theNote, 2000),
})

/** An application: the engine that the filters must fit. */
export const applicationSchema = anyApplicationSchema.refine(
  ({ form, sizeClass }) => sizeClass === '' || formOfSizeClass(sizeClass) === form,
  { path: ['sizeClass'], error: texts.thatSizeClassIsOfThe },
)

const typedFields = [...Object.keys(quantities), ...duties.map(({ key }) => `${key}Interval`)]

/** An application as it is kept, with what was typed. */
export function applicationFields(
  { easyInterval, normalInterval, severeInterval, ...rest }: z.output<typeof applicationSchema>,
  typed: Readonly<Record<string, unknown>>,
): ApplicationFields {
  return {
    ...rest,
    serviceIntervals: {
      ...(easyInterval && { easy: easyInterval }),
      ...(normalInterval && { normal: normalInterval }),
      ...(severeInterval && { severe: severeInterval }),
    },
    rawInput: rawInputOf(typed, typedFields),
  }
}

/** What the form of a new application starts with. */
export const newApplicationValues: FieldValues = { form: 'spin-on', bypass: 'unknown' }

/** What the form of an application starts with: what was typed, else what reads back as the same. */
export const applicationValues = (application: ApplicationFields): FieldValues => ({
  name: application.name,
  machine: application.machine,
  form: application.form,
  sizeClass: application.sizeClass,
  thread: application.thread ?? '',
  bypass: application.bypass,
  note: application.note,
  mounting: application.mounting,
  trouble: application.trouble,
  bypassOpening: quantityText(application.bypassOpening, quantities.bypassOpening),
  oilTemperatureMin: quantityText(application.oilTemperatureMin, quantities.oilTemperatureMin),
  oilTemperatureMax: quantityText(application.oilTemperatureMax, quantities.oilTemperatureMax),
  maxHeight: quantityText(application.maxHeight, quantities.maxHeight),
  maxDiameter: quantityText(application.maxDiameter, quantities.maxDiameter),
  gasketLand: quantityText(application.gasketLand, quantities.gasketLand),
  easyInterval: intervalText(application.serviceIntervals.easy),
  normalInterval: intervalText(application.serviceIntervals.normal),
  severeInterval: intervalText(application.serviceIntervals.severe),
  ...application.rawInput,
})
