import { useState } from 'react'
import { promisableFor } from '#core/claims/promise.ts'
import { claimKinds, claimPlaces, type ClaimKind } from '#core/claims/claim.ts'
import * as texts from '#app/texts/claims.ts'
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
      save={version === undefined ? texts.keepTheClaim : texts.saveTheClaim}
      back={back}
    >
      <TextLines field={fields.words} label={texts.wordForWord} hint={texts.asItIsPrintedSmallPrint} required />
      <ChoiceBox
        field={fields.kind}
        label={texts.whatIsClaimed}
        onChange={(value) => setKind(value as ClaimKind)}
        options={claimKinds.map(({ key, label }) => ({ value: key, label }))}
      />
      <KindFields key={kind} kind={kind} fields={fields} />
      <SelectField
        field={fields.place}
        label={texts.whereItWasRead}
        options={claimPlaces.map(({ key, label }) => ({ value: key, label }))}
      />
      <TextBox field={fields.readOn} label={texts.day} type="date" />
      <RevisionField field={fields.revisionId} revisions={revisions} />
      {photos.length > 0 && (
        <SelectField
          field={fields.photoId}
          label={texts.photoOfIt}
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
            label={texts.percentageAtParticleSizeM}
            placeholder={texts.n99At2094At15}
            hint={texts.asPrinted987At20}
          />
          <TextBox field={fields.standard} label={texts.testNamed} optional placeholder={texts.iso454812} />
          <ChoiceBox
            field={fields.pass}
            label={texts.passes}
            options={[
              { value: 'multi', label: texts.multiPass },
              { value: 'single', label: texts.singlePass },
              { value: '', label: texts.notSaid },
            ]}
          />
        </>
      )
    case 'interval':
      return (
        <>
          <TextBox
            field={fields.interval}
            label={texts.interval}
            placeholder={texts.n15000KmOr12Months}
            hint={texts.whicheverComesFirstIsUnderstood}
          />
          <TextBox field={fields.oil} label={texts.onlyWithThisOil} optional />
          <ChoiceBox
            field={fields.notSevere}
            label={texts.underSevereDuty}
            options={[
              { value: 'no', label: texts.nothingIsSaid },
              { value: 'half', label: texts.halfOfItHolds },
              { value: 'yes', label: texts.itDoesNotHold },
            ]}
          />
        </>
      )
    case 'construction':
      return (
        <>
          <SelectField
            field={fields.promised}
            label={texts.whichPartAndWhatOfIt}
            options={[{ value: '', label: 'choose' }, ...promisable]}
          />
          <TextBox field={fields.answer} label={texts.whatIsPromised} placeholder={texts.silicone} />
        </>
      )
    case 'rival':
      return (
        <TextBox
          field={fields.rival}
          label={texts.aboutWhom}
          optional
          placeholder={texts.theLeadingBrand}
          hint={texts.itIsKeptAsThisMakers}
        />
      )
    case 'temperature':
      return (
        <>
          <TextBox field={fields.low} label={texts.coldEnd} optional placeholder="-40 °C" />
          <TextBox field={fields.high} label={texts.hotEnd} optional placeholder="135 °C" />
        </>
      )
    default: {
      const amount = claimAmounts[kind]
      return amount ? <TextBox field={fields.amount} label={amount.name} placeholder={amount.units[0]} /> : null
    }
  }
}
