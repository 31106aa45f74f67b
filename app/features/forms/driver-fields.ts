import { z } from 'zod'
import { climates, duties, oilKinds, positions } from '#core/money/driver.ts'
import type { DriverFields } from '#app/data/drivers.server.ts'
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
  annualDistance: { name: 'Distance a year', dimension: 'length', units: ['km', 'mi'], range: [100e3, 1e9] },
  oilTemperatureMax: { name: 'Hottest oil', dimension: 'temperature', units: ['°C', '°F'], range: [323.15, 473.15] },
} as const satisfies Record<string, QuantityField>

/** A driver profile. */
export const driverSchema = z
  .object({
    id,
    name: line('The name', 60),
    annualDistance: filled(optionalQuantity(quantities.annualDistance), 'Write the distance a year, such as 18000 km.'),
    habit: optionalInterval('The habit'),
    annualHours: optionalWhole('Engine hours a year', 1, 8784),
    duty: keyOf(duties, 'Choose the duty.'),
    climate: keyOf(climates, 'Choose the climate.'),
    position: keyOf(positions, 'Choose how the filter sits.'),
    oilTemperatureMax: optionalQuantity(quantities.oilTemperatureMax),
    oil: keyOf(oilKinds, 'Choose the oil.'),
    vehicles: optionalWhole('Vehicles', 1, 100_000),
  })
  .refine(({ habit, annualHours }) => habit?.hours === undefined || annualHours !== null, {
    path: ['annualHours'],
    message: 'Say how many hours a year the engine runs, so that a change by the hour can be counted.',
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
