import { climates, duties, oilKinds, positions } from '#core/money/driver.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import { driverSchema, driverValues, newDriverValues } from '#app/features/forms/driver-fields.ts'
import { EditCard, type EditFormProps } from '#app/features/forms/EditCard.tsx'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { Row } from '#app/ui/layout.tsx'

const optionsFrom = (list: readonly { key: string; label: string }[]) =>
  list.map(({ key, label }) => ({ value: key, label }))

/** Who buys: how far, how often, and for what duty. */
export function DriverForm({ id, edited, result, onDone }: EditFormProps<StoredDriver>) {
  const [form, fields] = useSchemaForm(driverSchema, {
    result,
    values: edited ? driverValues(edited) : newDriverValues,
  })
  return (
    <EditCard form={form} id={id} noun="driver" edited={edited} result={result} onDone={onDone}>
      <TextBox field={fields.name} label="Name" placeholder="the ferry taxi" />
      <Row $gap={16} style={{ alignItems: 'flex-start' }}>
        <TextBox field={fields.annualDistance} label="Distance a year" placeholder="18000 km" />
        <TextBox
          field={fields.habit}
          label="Changes oil after"
          optional
          placeholder="10000 km"
          hint="Or months, or hours: 12 months; 250 h."
        />
        <TextBox
          field={fields.annualHours}
          label="Engine hours a year"
          optional
          inputMode="decimal"
          placeholder="400"
        />
        <TextBox field={fields.vehicles} label="Vehicles" inputMode="decimal" />
      </Row>
      <ChoiceBox
        field={fields.duty}
        label="Duty"
        options={optionsFrom(duties)}
        hint={duties.map(({ label, description }) => `${label}: ${description}`).join(' ')}
      />
      <ChoiceBox field={fields.climate} label="Climate" options={optionsFrom(climates)} />
      <ChoiceBox field={fields.position} label="The filter sits" options={optionsFrom(positions)} />
      <TextBox field={fields.oilTemperatureMax} label="Hottest oil" optional placeholder="120 °C" />
      <ChoiceBox
        field={fields.oil}
        label="Oil"
        options={optionsFrom(oilKinds)}
        hint="Claims may hold with a certain oil only."
      />
    </EditCard>
  )
}
