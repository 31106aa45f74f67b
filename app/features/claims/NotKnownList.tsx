import { useState } from 'react'
import { href } from 'react-router'
import { claimLabel, type ClaimKind } from '#core/claims/claim.ts'
import { formatNotKnown, inquiryStates, notKnown, type InquiryState } from '#core/claims/inquiry.ts'
import type { ProductClaims } from '#app/data/claim-overview.server.ts'
import { newId } from '#app/data/id.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/claims.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  product: ProductClaims
  application: string
  today: string
}

/** Of what nothing is claimed, and why: not looked up, not published, or the maker was asked. */
export function NotKnownList({ product, application, today }: Props) {
  const open = notKnown(product.all, product.inquiries)
  const { send, refusal } = useAction(href('/lineups/:application/claims', { application }))
  if (open.length === 0) return null
  return (
    <details>
      <summary style={{ minHeight: 32, cursor: 'pointer' }}>{texts.notKnownOfWhatBoxesSay(open.length)}</summary>
      <Stack $gap={8}>
        <ul style={{ margin: 0, paddingLeft: 20 }}>
          {open.map((one) => (
            <li key={one.about}>
              {formatNotKnown(one)}{' '}
              {one.inquiries.map(({ id, madeOn }) => (
                <Button
                  key={id}
                  $kind="quiet"
                  aria-label={texts.removeWhatWasFoundAboutOn(claimLabel(one.about).toLowerCase(), madeOn)}
                  onPress={() => send({ intent: 'remove-inquiry', id, productId: product.id })}
                >
                  {texts.remove}
                </Button>
              ))}
            </li>
          ))}
        </ul>
        <InquiryLine product={product} application={application} kinds={open.map(({ about }) => about)} today={today} />
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </details>
  )
}

interface LineProps extends Props {
  kinds: ClaimKind[]
}

function InquiryLine({ product, application, kinds, today }: LineProps) {
  const { send, refusal } = useAction(href('/lineups/:application/claims', { application }))
  const [about, setAbout] = useState<string>(kinds[0] ?? '')
  const [state, setState] = useState<InquiryState>('not-published')
  const [place, setPlace] = useState('')
  const [madeOn, setMadeOn] = useState(today)
  return (
    <Stack $gap={6}>
      <Row>
        <SelectMenu
          name={`What was looked for, ${product.name}`}
          value={about}
          options={kinds.map((kind) => ({ value: kind, label: claimLabel(kind) }))}
          onPick={setAbout}
        />
        <SelectMenu
          name={`What came of it, ${product.name}`}
          value={state}
          options={inquiryStates.map(({ key, label }) => ({ value: key, label }))}
          onPick={(value) => setState(value as InquiryState)}
        />
        <InputBox
          aria-label={texts.whereOrWhom(product.name)}
          placeholder={texts.makersSiteByLetter}
          value={place}
          onChange={(event) => setPlace(event.target.value)}
          maxLength={80}
        />
        <InputBox
          aria-label={texts.onWhichDay(product.name)}
          type="date"
          value={madeOn}
          onChange={(event) => setMadeOn(event.target.value)}
        />
        <Button
          onPress={() =>
            send({ intent: 'inquire', id: newId(), productId: product.id, about, state, place: place.trim(), madeOn })
          }
        >
          {texts.keepIt}
        </Button>
      </Row>
      <ErrorText role="alert">{refusal}</ErrorText>
      <Small>{texts.notLookedUpNotPublishedAnd}</Small>
    </Stack>
  )
}
