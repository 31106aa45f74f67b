import { styled } from 'styled-components'
import { claimOverview } from '#app/data/claim-overview.server.ts'
import { today } from '#app/data/clock.ts'
import { addInquiry, removeInquiry } from '#app/data/inquiries.server.ts'
import { listProducts } from '#app/data/products.server.ts'
import { inquirySchema, removedInquirySchema } from '#app/features/forms/inquiry-fields.ts'
import { findClaim, removeDecision, saveDecision } from '#app/data/claims.server.ts'
import { PerAreaList } from '#app/features/claims/PerAreaList.tsx'
import { formatNumber, formatQuantity } from '#core/quantity/format.ts'
import { AddClaimLine } from '#app/features/claims/AddClaimLine.tsx'
import { ClaimCard } from '#app/features/claims/ClaimCard.tsx'
import { ClaimMatrix } from '#app/features/claims/ClaimMatrix.tsx'
import { ContradictionCard } from '#app/features/claims/ContradictionCard.tsx'
import { EfficiencyCard } from '#app/features/claims/EfficiencyCard.tsx'
import { decisionSchema, undecideSchema } from '#app/features/forms/claim-fields.ts'
import { FirstStepCard } from '#app/features/lineup/FirstStepCard.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/claims.ts'
import { Card, Page, Stack } from '#app/ui/layout.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import type { Route } from './+types/claims'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.boxClaimsTitle }]

export const loader = async ({ params: { application } }: Route.LoaderArgs) => ({
  ...(await claimOverview(application)),
  today: today(),
})

export const shouldRevalidate = whenPathChanges

export async function action({ request, params }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'undecide') {
    const parsed = parseFields(undecideSchema, typed)
    if (!parsed.ok) return parsed.refusal
    await removeDecision(parsed.value.productId, parsed.value.kind)
    return accepted()
  }
  if (typed.intent === 'inquire') return keepInquiry(params.application, typed)
  if (typed.intent === 'remove-inquiry') {
    const removed = parseFields(removedInquirySchema, typed)
    if (!removed.ok) return removed.refusal
    await removeInquiry(removed.value.productId, removed.value.id)
    return accepted()
  }
  const parsed = parseFields(decisionSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { claimId, productId, kind } = parsed.value
  const claim = await findClaim(claimId)
  if (claim?.productId !== productId || claim.kind !== kind) return refused(texts.thatClaimIsNotThereAny)
  await saveDecision(parsed.value)
  return accepted()
}

async function keepInquiry(application: string, typed: Record<string, unknown>) {
  const parsed = parseFields(inquirySchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { intent: _, ...inquiry } = parsed.value
  const isHere = (await listProducts(application)).some(({ id }) => id === inquiry.productId)
  if (!isHere) return refused(texts.thisProductIsNotHereAny)
  return additionRefusal(await addInquiry(inquiry), { message: texts.thisIsThereAlready }) ?? accepted()
}

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 13fr) minmax(0, 10fr);
  align-items: start;
  gap: 12px;
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`

const Side = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
`

export default function Claims({ loaderData: { products, capacities, distances, today: day } }: Route.ComponentProps) {
  const { application } = useLineup()
  const { get, set } = useAddress()
  const picked = products.find(({ id }) => id === get('of')) ?? products[0]
  const contradictions = products.flatMap(({ name, contradictions: own }) => own.map((one) => ({ name, one })))
  return (
    <Page style={{ paddingBottom: 16, rowGap: 12 }}>
      <LineupHead title={texts.boxClaims(application.name)} subtitle={texts.whatIsPromisedWordForWord} />
      {products.length === 0 && <FirstStepCard>{texts.whatTheBoxesAndShopsPromise}</FirstStepCard>}
      {picked && (
        <>
          <AddClaimLine
            products={products}
            form={application.form}
            today={day}
            picked={picked.id}
            onPick={(of) => set({ of })}
          />
          <Sides>
            <Side>
              <Card>
                <ClaimMatrix products={products} picked={picked.id} onPick={(of) => set({ of })} />
              </Card>
              <EfficiencyCard products={products} />
            </Side>
            <Side>
              <ClaimCard product={picked} application={application.id} today={day} />
              {contradictions.length > 0 && (
                <Card>
                  <Stack $gap={10}>
                    <h2>{texts.contradictions}</h2>
                    {contradictions.map(({ name, one }) => (
                      <ContradictionCard
                        key={`${one.productId} ${one.kind} ${one.uses.id} ${one.decided?.decidedAt ?? ''}`}
                        name={name}
                        contradiction={one}
                      />
                    ))}
                  </Stack>
                </Card>
              )}
              {capacities.length + distances.length > 0 && (
                <Card>
                  <Stack $gap={12}>
                    <PerAreaList
                      title={texts.claimedCapacityOverMeasuredArea}
                      amounts={capacities}
                      write={(perArea) => formatQuantity(perArea, 'g/m²')}
                      doubt={texts.hardToBelieve}
                      products={products}
                    />
                    <PerAreaList
                      title={texts.claimedDistanceOverMeasuredArea}
                      amounts={distances}
                      write={(perArea) => texts.kmFor100Cm(formatNumber(Math.round(perArea / 1e7)))}
                      doubt={texts.worthAQuestion}
                      products={products}
                    />
                  </Stack>
                </Card>
              )}
            </Side>
          </Sides>
        </>
      )}
    </Page>
  )
}
