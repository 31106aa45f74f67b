import type { SubmissionResult } from '@conform-to/react'
import { useState } from 'react'
import { claimKinds, claimPlaces, type ClaimKind } from '#core/claims/claim.ts'
import { writePoints } from '#core/claims/read-points.ts'
import { sayInterval } from '#core/money/interval.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import type { OwnClaim } from '#app/data/claims.server.ts'
import { ChoiceBox, TextBox, TextLines } from '#app/ui/fields.tsx'
import { SelectField } from '#app/ui/Select.tsx'
import { FormFrame } from './FormFrame.tsx'
import { claimAmounts, claimSchema } from './market-schemas.ts'
import { useSchemaForm } from './useSchemaForm.ts'

interface Props {
  id: string
  claim?: OwnClaim
  today: string
  photos: { id: string; name: string }[]
  last: SubmissionResult<string[]> | null | undefined
  back: string
}

const plain = (said: string): string => said.replace('−', '-').replace(',', '')

function startOf(claim: OwnClaim): Record<string, string> {
  const { kind, words, place, readOn, photo, parts } = claim
  const amount = claimAmounts[kind]
  return {
    kind,
    words,
    place,
    readOn,
    photo: photo ?? '',
    points: parts.points ? writePoints(parts.points) : '',
    standard: parts.standard ?? '',
    pass: parts.pass ?? '',
    amount: amount && parts.amount !== undefined ? plain(formatQuantity(parts.amount, amount.unit)) : '',
    low: parts.low === undefined ? '' : plain(formatQuantity(parts.low, '°C')),
    high: parts.high === undefined ? '' : plain(formatQuantity(parts.high, '°C')),
    interval: plain(sayInterval({ distance: parts.distance ?? null, months: parts.months ?? null }, 'km')),
    oil: parts.oil ?? '',
    notSevere: parts.notSevere ? 'yes' : 'no',
  }
}

/** A claim word for word, and the parts that can be compared. */
export function ClaimForm({ id, claim, today, photos, last, back }: Props) {
  const [form, fields] = useSchemaForm(claimSchema, {
    last,
    start: claim ? startOf(claim) : { kind: 'efficiency', place: 'front', readOn: today, notSevere: 'no' },
  })
  const [kind, setKind] = useState<ClaimKind>(claim?.kind ?? 'efficiency')
  const amount = claimAmounts[kind]
  return (
    <FormFrame form={form} id={id} save={claim ? 'Save the claim' : 'Keep the claim'} back={back}>
      <TextLines field={fields.words!} label="Word for word" hint="As it is printed, small print and all." required />
      <ChoiceBox
        field={fields.kind!}
        label="What is claimed"
        onChange={(value) => setKind(value as ClaimKind)}
        options={claimKinds.map(({ key, label }) => ({ value: key, label }))}
      />
      {kind === 'efficiency' && (
        <>
          <TextBox
            field={fields.points!}
            label="Percentage at particle size, µm"
            placeholder="99 at 20, 94 at 15"
            hint='As printed: "98.7+ at 20", "up to 99 at 25". What is not said is a question mark: 99 at ?.'
          />
          <TextBox field={fields.standard!} label="Test named" optional placeholder="ISO 4548-12" />
          <ChoiceBox
            field={fields.pass!}
            label="Passes"
            options={[
              { value: 'multi', label: 'Multi-pass' },
              { value: 'single', label: 'Single pass' },
              { value: '', label: 'Not said' },
            ]}
          />
        </>
      )}
      {kind === 'interval' && (
        <>
          <TextBox
            field={fields.interval!}
            label="Interval"
            placeholder="15000 km or 12 months"
            hint="Whichever comes first is understood when both are given."
          />
          <TextBox field={fields.oil!} label="Only with this oil" optional />
          <ChoiceBox
            field={fields.notSevere!}
            label="Under severe duty"
            options={[
              { value: 'no', label: 'Nothing is said' },
              { value: 'yes', label: 'It does not hold' },
            ]}
          />
        </>
      )}
      {kind === 'temperature' && (
        <>
          <TextBox field={fields.low!} label="Cold end" optional placeholder="-40 °C" />
          <TextBox field={fields.high!} label="Hot end" optional placeholder="135 °C" />
        </>
      )}
      {amount && <TextBox field={fields.amount!} label={amount.name} placeholder={amount.unit} />}
      <SelectField
        field={fields.place!}
        label="Where it was read"
        options={claimPlaces.map(({ key, label }) => ({ value: key, label }))}
      />
      <TextBox field={fields.readOn!} label="Day" type="date" />
      {photos.length > 0 && (
        <SelectField
          field={fields.photo!}
          label="Photo of it"
          options={[{ value: '', label: 'none' }, ...photos.map((photo) => ({ value: photo.id, label: photo.name }))]}
        />
      )}
    </FormFrame>
  )
}
