import { useMemo, useState } from 'react'
import { href, Link, redirect } from 'react-router'
import { unitOfKind } from '#core/quantity/unit-habit.ts'
import { claimPlaces } from '#core/claims/claim.ts'
import { readClaims } from '#core/claims/read-claims.ts'
import { addClaims } from '#app/data/claims.server.ts'
import { today } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { findProduct, knownRevision } from '#app/data/products.server.ts'
import { ReadClaims } from '#app/features/claims/ReadClaims.tsx'
import { KeepLine } from '#app/features/forms/KeepLine.tsx'
import { longestPaste, readClaimsSchema } from '#app/features/forms/read-claims-fields.ts'
import { revisionOptions } from '#app/features/forms/RevisionField.tsx'
import { useAction } from '#app/features/forms/useAction.ts'
import { useProduct } from '#app/features/forms/useProduct.ts'
import * as texts from '#app/texts/claims.ts'
import { DayField } from '#app/ui/DayField.tsx'
import { AreaBox } from '#app/ui/inputs.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/claims-read'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.severalClaimsTitle }]

export const loader = () => ({ id: newId(), today: today() })

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), texts.thisProduct)
  const parsed = parseFields(readClaimsSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const { id, text, unit, left, place, readOn, stay } = parsed.value
  const revisionId = knownRevision(product, parsed.value.revisionId)
  const claims = readClaims(text, unit, product.form)
    .filter((_, at) => !left.has(at))
    .map(({ kind, words, parts }) => ({
      ...{ id: newId(), productId: product.id, revisionId, kind, words, parts, place, readOn },
      photoId: null,
      rawInput: {},
    }))
  if (claims.length === 0) return refused(texts.nothingIsLeftToKeep)
  const refusal = additionRefusal(await addClaims(id, claims), { message: texts.theseClaimsAreThereAlready })
  if (refusal) return refusal
  if (stay) return accepted()
  return redirect(`${href('/lineups/:application/claims', { application: product.applicationId })}?of=${product.id}`)
}

export default function ClaimsRead({ loaderData: { id, today: day } }: Route.ComponentProps) {
  const { product } = useProduct()
  const { units } = usePreferences()
  const unit = unitOfKind(units, 'distance')
  const [text, setText] = useState('')
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set())
  const [place, setPlace] = useState('front')
  const [readOn, setReadOn] = useState(day)
  const [revisionId, setRevision] = useState('')
  const { send, refusal, isIdle } = useAction()
  const claims = useMemo(() => readClaims(text.slice(0, longestPaste), unit, product.form), [text, unit, product.form])
  const kept = claims.filter((_, at) => !left.has(at)).length
  const toggle = (at: number) =>
    setLeft((before) => new Set(before.has(at) ? [...before].filter((one) => one !== at) : [...before, at]))
  return (
    <Page>
      <Stack $gap={4}>
        <h1>
          {texts.claimsOn}{' '}
          <Link to={href('/products/:product', { product: product.id })}>
            {product.brand} {product.partNumber}
          </Link>
        </h1>
        <Soft>{texts.typeOrPasteWhatTheBox}</Soft>
      </Stack>
      <Card>
        <Stack $gap={14}>
          <Stack $gap={4}>
            <label htmlFor="claims-text">{texts.whatIsClaimedALineEach}</label>
            <AreaBox
              id="claims-text"
              value={text}
              rows={5}
              maxLength={longestPaste}
              placeholder={texts.n9920MIso454812}
              onChange={(event) => (setText(event.target.value), setLeft(new Set()))}
            />
            <Small>{texts.aDistanceWithoutAUnitIs(unit)}</Small>
          </Stack>
          <Row>
            <SelectMenu
              label={texts.whereItWasRead}
              value={place}
              options={claimPlaces.map(({ key, label }) => ({ value: key, label }))}
              onPick={setPlace}
            />
            <DayField value={readOn} onChange={setReadOn} />
            {product.revisions.length > 1 && (
              <SelectMenu
                label={texts.ofRevision}
                value={revisionId}
                options={revisionOptions(product.revisions)}
                onPick={setRevision}
              />
            )}
          </Row>
          {claims.length > 0 && <ReadClaims claims={claims} left={left} onToggle={toggle} />}
          <KeepLine
            refusal={refusal}
            label={claims.length === 0 ? texts.keepTheClaims : texts.keepClaimsOfKept(kept)}
            isIdle={isIdle}
            onKeep={() => send({ id, text, unit, place, readOn, revisionId, left: [...left].join(',') })}
            back={href('/lineups/:application/claims', { application: product.applicationId })}
          />
        </Stack>
      </Card>
    </Page>
  )
}
