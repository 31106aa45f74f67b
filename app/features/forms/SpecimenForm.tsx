import { useState } from 'react'
import { currencies } from '#core/money/currency.ts'
import { specimenConditions } from '#core/teardown/specimen-condition.ts'
import type { Revision } from '#app/data/products.server.ts'
import * as texts from '#app/texts/specimen.ts'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import type { ActionResult } from './action-result.ts'
import type { FieldValues } from './field-values.ts'
import { FormFrame } from './FormFrame.tsx'
import { Pair } from './Pair.tsx'
import { specimenSchema } from './specimen-fields.ts'
import { useSchemaForm } from './useSchemaForm.ts'

interface Props {
  id: string
  /** Of the record that is changed; undefined for a new one. */
  version?: number
  values: FieldValues
  revisions: Revision[]
  result: ActionResult | undefined
  back: string
}

/** The one unit on the bench: its label, and how it was got. */
export function SpecimenForm({ id, version, values, revisions, result, back }: Props) {
  const [form, fields] = useSchemaForm(specimenSchema, { result, values })
  const [condition, setCondition] = useState(String(fields.condition.initialValue ?? 'new'))
  const [acquisition, setAcquisition] = useState(String(fields.acquisition.initialValue ?? 'bought'))
  return (
    <FormFrame
      form={form}
      id={id}
      version={version}
      result={result}
      save={version === undefined ? texts.putItOnTheBench : texts.saveTheSpecimen}
      back={back}
    >
      {revisions.length > 1 ? (
        <ChoiceBox
          field={fields.revisionId}
          label={texts.revision}
          options={revisions.map(({ id: value, label }) => ({ value, label: label || texts.first }))}
        />
      ) : (
        <input type="hidden" name="revisionId" value={revisions[0]?.id ?? ''} />
      )}
      <TextBox field={fields.label} label={texts.labelOfTheSpecimen} hint={texts.writeItOnTheCanToo} />
      <ChoiceBox
        field={fields.condition}
        label={texts.state}
        onChange={setCondition}
        options={specimenConditions.map(({ key, label }) => ({ value: key, label }))}
      />
      {condition !== 'new' && (
        <TextBox
          field={fields.service}
          label={condition === 'old-stock' ? texts.howOld : texts.howLongItServed}
          optional
          placeholder={condition === 'old-stock' ? texts.n4Years : texts.n8000KmOr6MonthsOr}
          hint={texts.usedAndDamagedOnesAreKept}
        />
      )}
      <ChoiceBox
        field={fields.acquisition}
        label={texts.howItWasGot}
        onChange={setAcquisition}
        options={[
          { value: 'bought', label: texts.bought },
          { value: 'given', label: texts.given },
          { value: 'lent', label: texts.onLoan },
        ]}
      />
      {acquisition !== 'bought' && (
        <TextBox
          field={fields.givenBy}
          label={acquisition === 'lent' ? texts.lentBy : texts.givenBy}
          hint={texts.makerDealerOrViewerItIs}
        />
      )}
      <Pair>
        <TextBox field={fields.price} label={texts.pricePaidForOne} optional inputMode="decimal" />
        <TextBox field={fields.currency} label={texts.currency} optional list="currencies" placeholder={texts.eur} />
      </Pair>
      <datalist id="currencies">
        {currencies.map((currency) => (
          <option key={currency} value={currency} />
        ))}
      </datalist>
      <TextBox field={fields.shop} label={texts.shop} optional />
    </FormFrame>
  )
}
