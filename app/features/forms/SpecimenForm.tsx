import { useState } from 'react'
import { currencies } from '#core/money/currency.ts'
import { specimenConditions } from '#core/teardown/specimen-condition.ts'
import type { Revision } from '#app/data/products.server.ts'
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
      save={version === undefined ? 'Put it on the bench' : 'Save the specimen'}
      back={back}
    >
      {revisions.length > 1 ? (
        <ChoiceBox
          field={fields.revisionId}
          label="Revision"
          options={revisions.map(({ id: value, label }) => ({ value, label: label || 'First' }))}
        />
      ) : (
        <input type="hidden" name="revisionId" value={revisions[0]?.id ?? ''} />
      )}
      <TextBox field={fields.label} label="Label of the specimen" hint="Write it on the can too." />
      <ChoiceBox
        field={fields.condition}
        label="State"
        onChange={setCondition}
        options={specimenConditions.map(({ key, label }) => ({ value: key, label }))}
      />
      {condition !== 'new' && (
        <TextBox
          field={fields.service}
          label={condition === 'old-stock' ? 'How old' : 'How long it served'}
          optional
          placeholder={condition === 'old-stock' ? '4 years' : '8000 km or 6 months or 250 h'}
          hint="Used and damaged ones are kept out of the averages of new ones and stand beside them."
        />
      )}
      <ChoiceBox
        field={fields.acquisition}
        label="How it was got"
        onChange={setAcquisition}
        options={[
          { value: 'bought', label: 'Bought' },
          { value: 'given', label: 'Given' },
          { value: 'lent', label: 'On loan' },
        ]}
      />
      {acquisition !== 'bought' && (
        <TextBox
          field={fields.givenBy}
          label={acquisition === 'lent' ? 'Lent by' : 'Given by'}
          hint="Maker, dealer or viewer. It is disclosed wherever this specimen appears."
        />
      )}
      <Pair>
        <TextBox field={fields.price} label="Price paid for one" optional inputMode="decimal" />
        <TextBox field={fields.currency} label="Currency" optional list="currencies" placeholder="EUR" />
      </Pair>
      <datalist id="currencies">
        {currencies.map((currency) => (
          <option key={currency} value={currency} />
        ))}
      </datalist>
      <TextBox field={fields.shop} label="Shop" optional />
    </FormFrame>
  )
}
