import { climates, duties, oilKinds, positions } from '#core/money/driver.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import { driverSchema, driverValues, newDriverValues } from '#app/features/forms/driver-fields.ts'
import { EditCard, type EditFormProps } from '#app/features/forms/EditCard.tsx'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/drivers.ts'
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
      <TextBox field={fields.name} label={texts.name} placeholder={texts.theFerryTaxi} />
      <Row $gap={16} style={{ alignItems: 'flex-start' }}>
        <TextBox field={fields.annualDistance} label={texts.distanceAYear} placeholder={texts.n18000Km} />
        <TextBox
          field={fields.habit}
          label={texts.changesOilAfter}
          optional
          placeholder={texts.n10000Km}
          hint={texts.orMonthsOrHours12Months}
        />
        <TextBox
          field={fields.annualHours}
          label={texts.engineHoursAYear}
          optional
          inputMode="decimal"
          placeholder="400"
        />
        <TextBox field={fields.vehicles} label={texts.vehicles} inputMode="decimal" />
      </Row>
      <ChoiceBox
        field={fields.duty}
        label={texts.duty}
        options={optionsFrom(duties)}
        hint={duties.map(({ label, description }) => `${label}: ${description}`).join(' ')}
      />
      <ChoiceBox field={fields.climate} label={texts.climate} options={optionsFrom(climates)} />
      <ChoiceBox field={fields.position} label={texts.theFilterSits} options={optionsFrom(positions)} />
      <TextBox field={fields.oilTemperatureMax} label={texts.hottestOil} optional placeholder="120 °C" />
      <ChoiceBox
        field={fields.oil}
        label={texts.oil}
        options={optionsFrom(oilKinds)}
        hint={texts.claimsMayHoldWithACertain}
      />
    </EditCard>
  )
}
