import { useState } from 'react'
import { promisableFor } from '#core/claims/promise.ts'
import { claimKinds, claimPlaces, type ClaimKind } from '#core/claims/claim.ts'
import { ChoiceBox, TextBox, TextLines } from '#app/ui/fields.tsx'
import { SelectField } from '#app/ui/Select.tsx'
import type { ActionResult } from './action-result.ts'
import { claimAmounts, claimSchema } from './claim-fields.ts'
import type { FieldValues } from './field-values.ts'
import type { Revision } from '#app/data/products.server.ts'
import { FormFrame } from './FormFrame.tsx'
import { RevisionField } from './RevisionField.tsx'
import { useSchemaForm } from './useSchemaForm.ts'

interface Props {
  id: string
  /** Of the record that is changed; undefined for a new one. */
  version?: number
  values: FieldValues
  photos: { id: string; name: string }[]
  revisions: readonly Revision[]
  result: ActionResult | undefined
  back: string
}

/** A claim word for word, and the parts that can be compared. */
export function ClaimForm({ id, version, values, photos, revisions, result, back }: Props) {
  const [form, fields] = useSchemaForm(claimSchema, { result, values })
  const [kind, setKind] = useState(values.kind as ClaimKind)
  return (
    <FormFrame
      form={form}
      id={id}
      version={version}
      result={result}
      save={version === undefined ? 'Keep the claim' : 'Save the claim'}
      back={back}
    >
      <TextLines field={fields.words} label="Word for word" hint="As it is printed, small print and all." required />
      <ChoiceBox
        field={fields.kind}
        label="What is claimed"
        onChange={(value) => setKind(value as ClaimKind)}
        options={claimKinds.map(({ key, label }) => ({ value: key, label }))}
      />
      <KindFields key={kind} kind={kind} fields={fields} />
      <SelectField
        field={fields.place}
        label="Where it was read"
        options={claimPlaces.map(({ key, label }) => ({ value: key, label }))}
      />
      <TextBox field={fields.readOn} label="Day" type="date" />
      <RevisionField field={fields.revisionId} revisions={revisions} />
      {photos.length > 0 && (
        <SelectField
          field={fields.photoId}
          label="Photo of it"
          options={[{ value: '', label: 'none' }, ...photos.map((photo) => ({ value: photo.id, label: photo.name }))]}
        />
      )}
    </FormFrame>
  )
}

const promisable = [...new Set([...promisableFor('spin-on'), ...promisableFor('cartridge')])].map(({ key, label }) => ({
  value: key,
  label,
}))

type ClaimFormFields = ReturnType<typeof useSchemaForm<typeof claimSchema>>[1]

/** The structured part that a kind of claim has. */
function KindFields({ kind, fields }: { kind: ClaimKind; fields: ClaimFormFields }) {
  switch (kind) {
    case 'efficiency':
      return (
        <>
          <TextBox
            field={fields.points}
            label="Percentage at particle size, µm"
            placeholder="99 at 20, 94 at 15"
            hint='As printed: "98.7+ at 20", "up to 99 at 25". What is not said is a question mark: 99 at ?.'
          />
          <TextBox field={fields.standard} label="Test named" optional placeholder="ISO 4548-12" />
          <ChoiceBox
            field={fields.pass}
            label="Passes"
            options={[
              { value: 'multi', label: 'Multi-pass' },
              { value: 'single', label: 'Single pass' },
              { value: '', label: 'Not said' },
            ]}
          />
        </>
      )
    case 'interval':
      return (
        <>
          <TextBox
            field={fields.interval}
            label="Interval"
            placeholder="15000 km or 12 months"
            hint="Whichever comes first is understood when both are given."
          />
          <TextBox field={fields.oil} label="Only with this oil" optional />
          <ChoiceBox
            field={fields.notSevere}
            label="Under severe duty"
            options={[
              { value: 'no', label: 'Nothing is said' },
              { value: 'half', label: 'Half of it holds' },
              { value: 'yes', label: 'It does not hold' },
            ]}
          />
        </>
      )
    case 'construction':
      return (
        <>
          <SelectField
            field={fields.promised}
            label="Which part and what of it"
            options={[{ value: '', label: 'choose' }, ...promisable]}
          />
          <TextBox field={fields.answer} label="What is promised" placeholder="silicone" />
        </>
      )
    case 'rival':
      return (
        <TextBox
          field={fields.rival}
          label="About whom"
          optional
          placeholder="the leading brand"
          hint="It is kept as this maker's word on somebody else, never as the rival's own."
        />
      )
    case 'temperature':
      return (
        <>
          <TextBox field={fields.low} label="Cold end" optional placeholder="-40 °C" />
          <TextBox field={fields.high} label="Hot end" optional placeholder="135 °C" />
        </>
      )
    default: {
      const amount = claimAmounts[kind]
      return amount ? <TextBox field={fields.amount} label={amount.name} placeholder={amount.units[0]} /> : null
    }
  }
}
