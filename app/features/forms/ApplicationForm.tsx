import { sizeClasses } from '#core/catalogue/index.ts'
import { engineTroubles } from '#core/figures/trouble.ts'
import { mountings } from '#core/kin/fitment-checks.ts'
import { duties } from '#core/money/driver.ts'
import * as texts from '#app/texts/engine.ts'
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
      save={version === undefined ? texts.addTheEngine : texts.saveTheEngine}
      back={back}
      isWide
    >
      <Pair>
        <TextBox field={fields.name} label={texts.nameOfTheEngine} hint={texts.allComparisonIsForOneEngine} autoFocus />
        <TextBox field={fields.machine} label={texts.machine} optional hint={texts.whatItDrivesAndWhere} />
      </Pair>
      <Pair>
        <ChoiceBox
          field={fields.form}
          label={texts.filtersAre}
          options={filterForms.map((value) => ({ value, label: filterFormLabels[value] }))}
        />
        <ChoiceBox
          field={fields.bypass}
          label={texts.bypassValve}
          options={[
            { value: 'filter', label: texts.mustBeInTheFilter },
            { value: 'engine', label: texts.theEngineHasItsOwn },
            { value: 'unknown', label: texts.notKnown },
          ]}
        />
      </Pair>
      <Pair>
        <TextBox field={fields.thread} label={texts.threadOfTheEngine} optional hint={texts.forSpinOnsM20X1} />
        <TextBox
          field={fields.bypassOpening}
          label={texts.bypassOpensAt}
          optional
          hint={texts.theDifferenceAcrossTheElementThat}
        />
      </Pair>
      <Pair>
        {duties.map(({ key, label, description }) => (
          <TextBox
            key={key}
            field={fields[`${key}Interval`]}
            label={texts.engineManualsIntervalDuty(label.toLowerCase())}
            optional
            hint={key === 'easy' ? texts.n15000KmOr12Months(description) : description}
          />
        ))}
        <TextBox
          field={fields.maxHeight}
          label={texts.roomForTheCan}
          optional
          hint={texts.highestCanThatClearsWhatIs}
        />
      </Pair>
      <TextLines field={fields.note} label={texts.note} />
      <MoreFields label={texts.sizeClassRoomAcrossGasketMounting} fields={seldom}>
        <Pair>
          <SelectField
            field={fields.sizeClass}
            label={texts.sizeClass}
            options={[
              { value: '', label: texts.asTheFirstSizesSay },
              ...sizeClasses.map(({ key, label, description }) => ({ value: key, label: `${label}: ${description}` })),
            ]}
          />
          <TextBox
            field={fields.maxDiameter}
            label={texts.roomAcross}
            optional
            hint={texts.widestCanThatClearsWhatIs}
          />
          <TextBox
            field={fields.gasketLand}
            label={texts.gasketLandOuterDiameter}
            optional
            hint={texts.aLargerGasketIsExcluded}
          />
          <SelectField
            field={fields.mounting}
            label={texts.howTheFilterIsMounted}
            options={[
              { value: '', label: texts.notKnownInLine },
              ...mountings.map(({ key, label }) => ({ value: key, label })),
            ]}
          />
          <TextBox field={fields.oilTemperatureMin} label={texts.coldestOilAtStart} optional hint={texts.n20COr4FFor} />
          <TextBox
            field={fields.oilTemperatureMax}
            label={texts.hottestOilInHardUse}
            optional
            hint={texts.n135COr275F}
          />
          <SelectField
            field={fields.trouble}
            label={texts.whatTheEngineIsKnownFor}
            options={[
              { value: '', label: texts.nothingKnown },
              ...engineTroubles.map(({ key, label }) => ({ value: key, label })),
            ]}
          />
        </Pair>
      </MoreFields>
    </FormFrame>
  )
}
