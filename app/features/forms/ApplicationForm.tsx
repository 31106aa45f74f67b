import { sizeClasses } from '#core/catalogue/index.ts'
import { engineTroubles } from '#core/figures/trouble.ts'
import { mountings } from '#core/kin/fitment-checks.ts'
import { duties } from '#core/money/driver.ts'
import { ChoiceBox, TextBox, TextLines } from '#app/ui/fields.tsx'
import { SelectField } from '#app/ui/Select.tsx'
import type { ActionResult } from './action-result.ts'
import { applicationSchema } from './application-fields.ts'
import type { FieldValues } from './field-values.ts'
import { FormFrame } from './FormFrame.tsx'
import { filterFormLabels, filterForms } from './labels.ts'
import { MoreFields } from './MoreFields.tsx'
import { Pair } from './Pair.tsx'
import { useSchemaForm } from './useSchemaForm.ts'

interface Props {
  id: string
  /** Of the record that is changed; undefined for a new one. */
  version?: number
  values: FieldValues
  result: ActionResult | undefined
  back: string
}

/** The engine that the filters must fit, and what it asks of them. */
export function ApplicationForm({ id, version, values, result, back }: Props) {
  const [form, fields] = useSchemaForm(applicationSchema, { result, values })
  const { sizeClass, maxDiameter, gasketLand, mounting, oilTemperatureMin, oilTemperatureMax, trouble } = fields
  const seldom = [sizeClass, maxDiameter, gasketLand, mounting, oilTemperatureMin, oilTemperatureMax, trouble]
  return (
    <FormFrame
      form={form}
      id={id}
      version={version}
      result={result}
      save={version === undefined ? 'Add the engine' : 'Save the engine'}
      back={back}
      isWide
    >
      <Pair>
        <TextBox
          field={fields.name}
          label="Name of the engine"
          hint="All comparison is for one engine: the one that the filters must fit."
          autoFocus
        />
        <TextBox field={fields.machine} label="Machine" optional hint="What it drives, and where." />
      </Pair>
      <Pair>
        <ChoiceBox
          field={fields.form}
          label="Filters are"
          options={filterForms.map((value) => ({ value, label: filterFormLabels[value] }))}
        />
        <ChoiceBox
          field={fields.bypass}
          label="Bypass valve"
          options={[
            { value: 'filter', label: 'Must be in the filter' },
            { value: 'engine', label: 'The engine has its own' },
            { value: 'unknown', label: 'Not known' },
          ]}
        />
      </Pair>
      <Pair>
        <TextBox
          field={fields.thread}
          label="Thread of the engine"
          optional
          hint="For spin-ons: M20 x 1.5 or 3/4-16 UNF."
        />
        <TextBox
          field={fields.bypassOpening}
          label="Bypass opens at"
          optional
          hint="The difference across the element that the engine maker asks for: 1.0 bar or 15 psi."
        />
      </Pair>
      <Pair>
        {duties.map(({ key, label, description }) => (
          <TextBox
            key={key}
            field={fields[`${key}Interval`]}
            label={`Engine manual's interval, ${label.toLowerCase()} duty`}
            optional
            hint={key === 'easy' ? `15000 km or 12 months. ${description}` : description}
          />
        ))}
        <TextBox
          field={fields.maxHeight}
          label="Room for the can"
          optional
          hint="Highest can that clears what is round it. A higher one is excluded."
        />
      </Pair>
      <TextLines field={fields.note} label="Note" />
      <MoreFields label="size class, room across, gasket, mounting, oil temperatures, trouble" fields={seldom}>
        <Pair>
          <SelectField
            field={fields.sizeClass}
            label="Size class"
            options={[
              { value: '', label: 'as the first sizes say' },
              ...sizeClasses.map(({ key, label, description }) => ({ value: key, label: `${label}: ${description}` })),
            ]}
          />
          <TextBox
            field={fields.maxDiameter}
            label="Room across"
            optional
            hint="Widest can that clears what is round it. A wider one is excluded."
          />
          <TextBox
            field={fields.gasketLand}
            label="Gasket land, outer diameter"
            optional
            hint="A larger gasket is excluded."
          />
          <SelectField
            field={fields.mounting}
            label="How the filter is mounted"
            options={[{ value: '', label: 'not known' }, ...mountings.map(({ key, label }) => ({ value: key, label }))]}
          />
          <TextBox
            field={fields.oilTemperatureMin}
            label="Coldest oil at start"
            optional
            hint="-20 °C or -4 °F: for the margin of the rubber parts."
          />
          <TextBox field={fields.oilTemperatureMax} label="Hottest oil in hard use" optional hint="135 °C or 275 °F." />
          <SelectField
            field={fields.trouble}
            label="What the engine is known for"
            options={[
              { value: '', label: 'nothing known' },
              ...engineTroubles.map(({ key, label }) => ({ value: key, label })),
            ]}
          />
        </Pair>
      </MoreFields>
    </FormFrame>
  )
}
