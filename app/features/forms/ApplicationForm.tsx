import type { SubmissionResult } from '@conform-to/react'
import { duties } from '#core/money/driver.ts'
import { sayInterval } from '#core/money/interval.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { Application } from '#app/data/applications.server.ts'
import { ChoiceBox, TextBox, TextLines } from '#app/ui/fields.tsx'
import { FormFrame } from './FormFrame.tsx'
import { formLabels, forms } from './labels.ts'
import { applicationSchema } from './schemas.ts'
import { useSchemaForm } from './useSchemaForm.ts'

export function ApplicationForm({
  id,
  application,
  last,
  back,
}: {
  id: string
  application?: Application
  last: SubmissionResult<string[]> | null | undefined
  back: string
}) {
  const celsius = (kelvin: number | null) => (kelvin === null ? '' : formatQuantity(kelvin, '°C').replace('−', '-'))
  const millimetres = (metres: number | null) => (metres === null ? '' : formatQuantity(metres, 'mm', 1))
  const start = application
    ? {
        ...application,
        maxHeight: millimetres(application.maxHeight),
        gasketLand: millimetres(application.gasketLand),
        bypassOpening: application.bypassOpening === null ? '' : formatQuantity(application.bypassOpening, 'bar'),
        oilCold: celsius(application.oilCold),
        oilHot: celsius(application.oilHot),
        ...Object.fromEntries(
          duties.map(({ key, label }) => [
            `manual${label}`,
            application.manual[key] ? sayInterval(application.manual[key], 'km').replace(',', '') : '',
          ]),
        ),
      }
    : { form: 'spin-on', bypass: 'unknown' }
  const [form, fields] = useSchemaForm(applicationSchema, { last, start: start as Record<string, string> })
  return (
    <FormFrame form={form} id={id} save={application ? 'Save the application' : 'Make the application'} back={back}>
      <TextBox
        field={fields.name!}
        label="Engine or application"
        hint="All comparison is inside one application: the engine the filters must fit."
        autoFocus
      />
      <TextBox field={fields.machine!} label="Machine" optional hint="What it drives, and where." />
      <ChoiceBox
        field={fields.form!}
        label="Filters are"
        options={forms.map((value) => ({ value, label: formLabels[value] }))}
      />
      <TextBox
        field={fields.thread!}
        label="Thread of the engine"
        optional
        hint="For spin-ons: M20 x 1.5 or 3/4-16 UNF."
      />
      <ChoiceBox
        field={fields.bypass!}
        label="Bypass valve"
        options={[
          { value: 'filter', label: 'Must be in the filter' },
          { value: 'engine', label: 'The engine has its own' },
          { value: 'unknown', label: 'Not known' },
        ]}
      />
      <TextBox
        field={fields.bypassOpening!}
        label="Bypass opens at"
        optional
        hint="The difference across the element that the engine maker asks for: 1.0 bar or 15 psi."
      />
      <TextBox
        field={fields.oilCold!}
        label="Coldest oil at start"
        optional
        hint="-20 °C or -4 °F: for the margin of the rubber parts."
      />
      <TextBox field={fields.oilHot!} label="Hottest oil in hard use" optional hint="135 °C or 275 °F." />
      <TextBox
        field={fields.maxHeight!}
        label="Room for the can"
        optional
        hint="Highest can that clears what is round it. A higher one is excluded."
      />
      <TextBox
        field={fields.gasketLand!}
        label="Gasket land, outer diameter"
        optional
        hint="A larger gasket is excluded."
      />
      {duties.map(({ key, label, says }) => (
        <TextBox
          key={key}
          field={fields[`manual${label}`]!}
          label={`Engine manual's interval, ${label.toLowerCase()} duty`}
          optional
          hint={key === 'easy' ? `15000 km or 12 months. ${says}` : says}
        />
      ))}
      <TextLines field={fields.note!} label="Note" />
    </FormFrame>
  )
}
