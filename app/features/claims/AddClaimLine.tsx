import { useState } from 'react'
import { href } from 'react-router'
import type { FilterForm } from '#core/catalogue/index.ts'
import { claimLabel, claimPlaces } from '#core/claims/claim.ts'
import { readClaims } from '#core/claims/read-claims.ts'
import { unitOfKind } from '#core/quantity/unit-habit.ts'
import { newId } from '#app/data/id.ts'
import { longestPaste } from '#app/features/forms/read-claims-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/claims.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { formatClaimParts } from './format-claim.ts'

interface Props {
  products: readonly { id: string; name: string }[]
  form: FilterForm
  today: string
  picked: string | undefined
  onPick?: (product: string) => void
}

/** A claim typed in a row, shown as what it becomes, and kept with where it was read. */
export function AddClaimLine({ products, form, today, picked, onPick }: Props) {
  const isOfOne = onPick === undefined
  const product = picked ?? products[0]?.id ?? ''
  const { send, refusal, isIdle } = useAction(href('/products/:product/claims/read', { product }))
  const { units } = usePreferences()
  const unit = unitOfKind(units, 'distance')
  const [text, setText] = useState('')
  const [place, setPlace] = useState('front')
  const claims = readClaims(text.slice(0, longestPaste), unit, form)
  const keep = () => {
    if (text.trim() === '') return
    send({ id: newId(), text, unit, place, readOn: today, revisionId: '', left: '', stay: isOfOne ? '1' : '' })
    setText('')
  }
  return (
    <form onSubmit={(event) => (event.preventDefault(), keep())} aria-label={texts.aClaimInALine}>
      <Row $gap={8}>
        {onPick && (
          <SelectMenu name="On which product" value={product} options={namedOptions(products)} onPick={onPick} />
        )}
        <InputBox
          aria-label={texts.whatIsClaimedInALine}
          value={text}
          maxLength={400}
          placeholder={texts.n9920MIso454812}
          onChange={(event) => setText(event.target.value)}
          autoComplete="off"
          style={{ flex: '1 1 320px' }}
        />
        <SelectMenu
          name="Where it was read"
          value={place}
          options={claimPlaces.map(({ key, label }) => ({ value: key, label }))}
          onPick={setPlace}
        />
        <Button type="submit" $kind="primary" isDisabled={!isIdle || claims.length === 0}>
          {claims.length > 1 ? texts.keepClaims(claims.length) : texts.keep}
        </Button>
      </Row>
      <Small role="status">
        {claims.map((claim, at) => (
          <span key={`${at} ${claim.words}`}>
            {at > 0 && ' | '}
            {claimLabel(claim.kind)}: {formatClaimParts(claim) || claim.words}
            {claim.doubt && texts.lookAgain(claim.doubt)}
          </span>
        ))}
      </Small>
      <ErrorText role="alert">{refusal}</ErrorText>
    </form>
  )
}
