import type { SubmissionResult } from '@conform-to/react'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { Revision } from '#app/data/products.server.ts'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { FormFrame } from './FormFrame.tsx'
import { currencies } from './labels.ts'
import { specimenSchema } from './schemas.ts'
import { useSchemaForm } from './useSchemaForm.ts'

const Pair = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
`

interface Props {
  id: string
  start: Record<string, string>
  isNew: boolean
  revisions: Revision[]
  last: SubmissionResult<string[]> | null | undefined
  back: string
}

export function SpecimenForm({ id, start, isNew, revisions, last, back }: Props) {
  const [form, fields] = useSchemaForm(specimenSchema, { last, start })
  const [got, setGot] = useState(String(fields.got!.initialValue ?? 'bought'))
  return (
    <FormFrame form={form} id={id} save={isNew ? 'Put it on the bench' : 'Save the specimen'} back={back}>
      {revisions.length > 1 ? (
        <ChoiceBox
          field={fields.revision!}
          label="Revision"
          options={revisions.map(({ id: value, label }) => ({ value, label: label || 'First' }))}
        />
      ) : (
        <input type="hidden" name="revision" value={revisions[0]?.id ?? ''} />
      )}
      <TextBox field={fields.label!} label="Label of the specimen" hint="Write it on the can too." />
      <ChoiceBox
        field={fields.got!}
        label="How it was got"
        onChange={setGot}
        options={[
          { value: 'bought', label: 'Bought' },
          { value: 'given', label: 'Given' },
        ]}
      />
      {got === 'given' && (
        <TextBox
          field={fields.givenBy!}
          label="Given by"
          hint="Maker, dealer or viewer. It is disclosed wherever this specimen appears."
        />
      )}
      <Pair>
        <TextBox field={fields.price!} label="Price paid for one" optional inputMode="decimal" />
        <TextBox field={fields.currency!} label="Currency" optional list="currencies" placeholder="EUR" />
      </Pair>
      <datalist id="currencies">
        {currencies.map((currency) => (
          <option key={currency} value={currency} />
        ))}
      </datalist>
      <TextBox field={fields.shop!} label="Shop" optional />
    </FormFrame>
  )
}
