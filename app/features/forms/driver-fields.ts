import { z } from 'zod'
import { climates, duties, oilKinds, positions } from '#core/money/driver.ts'
import type { DriverFields } from '#app/data/drivers.server.ts'
import * as texts from '#app/texts/drivers.ts'
import { intervalText, quantityText, rawInputOf, type FieldValues } from './field-values.ts'
import {
  filled,
  id,
  keyOf,
  line,
  optionalInterval,
  optionalQuantity,
  optionalWhole,
  type QuantityField,
} from './zod-fields.ts'

const quantities = {
  annualDistance: { name: texts.distanceAYear, dimension: 'length', units: ['km', 'mi'], range: [100e3, 1e9] },
  oilTemperatureMax: { name: texts.hottestOil, dimension: 'temperature', units: ['°C', '°F'], range: [323.15, 473.15] },
} as const satisfies Record<string, QuantityField>

/** A driver profile. */
export const driverSchema = z
  .object({
    id,
    name: line(texts.theName, 60),
    annualDistance: filled(optionalQuantity(quantities.annualDistance), texts.writeTheDistanceAYearSuch),
    habit: optionalInterval(texts.theHabit),
    annualHours: optionalWhole(texts.engineHoursAYear, 1, 8784),
    duty: keyOf(duties, texts.chooseTheDuty),
    climate: keyOf(climates, texts.chooseTheClimate),
    position: keyOf(positions, texts.chooseHowTheFilterSits),
    oilTemperatureMax: optionalQuantity(quantities.oilTemperatureMax),
    oil: keyOf(oilKinds, texts.chooseTheOil),
    vehicles: optionalWhole(texts.vehicles, 1, 100_000),
  })
  .refine(({ habit, annualHours }) => habit?.hours === undefined || annualHours !== null, {
    path: ['annualHours'],
    message: texts.sayHowManyHoursAYear,
  })
  .transform(({ habit, vehicles, ...rest }) => ({
    ...rest,
    habit: habit ?? { distance: null, months: null },
    vehicles: vehicles ?? 1,
  }))

/** A driver as it is kept, with what was typed. */
export const driverFields = (
  fields: z.output<typeof driverSchema>,
  typed: Readonly<Record<string, unknown>>,
): DriverFields => ({ ...fields, rawInput: rawInputOf(typed, ['annualDistance', 'habit', 'oilTemperatureMax']) })

/** What the form of a new driver starts with. */
export const newDriverValues: FieldValues = {
  duty: 'normal',
  climate: 'mild',
  position: 'upright',
  oil: 'full',
  vehicles: '1',
}

/** What the form of a driver starts with: what was typed, else what reads back as the same. */
export const driverValues = (driver: DriverFields): FieldValues => ({
  name: driver.name,
  annualDistance: quantityText(driver.annualDistance, quantities.annualDistance),
  habit: intervalText(driver.habit),
  annualHours: driver.annualHours === null ? '' : String(driver.annualHours),
  duty: driver.duty,
  climate: driver.climate,
  position: driver.position,
  oilTemperatureMax: quantityText(driver.oilTemperatureMax, quantities.oilTemperatureMax),
  oil: driver.oil,
  vehicles: String(driver.vehicles),
  ...driver.rawInput,
})
