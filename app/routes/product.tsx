import { href } from 'react-router'
import { styled } from 'styled-components'
import { findApplication } from '#app/data/applications.server.ts'
import { today } from '#app/data/clock.ts'
import { keepFitment, removeFitment } from '#app/data/fitments.server.ts'
import { sayGood } from '#app/data/known-good.server.ts'
import { newId } from '#app/data/id.ts'
import { productFitments } from '#app/data/product-fitments.server.ts'
import { productDossier } from '#app/data/product-dossier.server.ts'
import { addRevision, findProduct, saveMaker, type Product } from '#app/data/products.server.ts'
import { addQuickReadings } from '#app/data/quick-readings.server.ts'
import { listSpecimensOf } from '#app/data/specimens.server.ts'
import { AddClaimLine } from '#app/features/claims/AddClaimLine.tsx'
import { drawingData } from '#app/drawing/data.ts'
import { ClaimLinks, ClaimList } from '#app/features/claims/ClaimCard.tsx'
import { fitmentSchema, removedFitmentSchema } from '#app/features/forms/fitment-fields.ts'
import { knownGoodSchema } from '#app/features/forms/known-good-fields.ts'
import { makerSchema, productValues, revisionSchema } from '#app/features/forms/product-fields.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import { quickLineSchema } from '#app/features/forms/quick-line-fields.ts'
import { useEdited } from '#app/features/forms/useEdited.ts'
import { useProduct } from '#app/features/forms/useProduct.ts'
import { DrawnCard } from '#app/features/products/DrawnCard.tsx'
import { FitsCard } from '#app/features/products/FitsCard.tsx'
import { PhotoStrip } from '#app/features/products/PhotoStrip.tsx'
import { PricesCard } from '#app/features/products/PricesCard.tsx'
import { ProductHead } from '#app/features/products/ProductHead.tsx'
import { ProductQuickLine } from '#app/features/products/ProductQuickLine.tsx'
import { RevisionsCard } from '#app/features/products/RevisionsCard.tsx'
import { SignsCard } from '#app/features/products/SignsCard.tsx'
import { SpecimenTable } from '#app/features/products/SpecimenTable.tsx'
import { VerdictsStood } from '#app/features/products/VerdictsStood.tsx'
import { Card, Page, Row, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/product'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { saveProduct } from './product-saving.server.ts'
import { additionRefusal } from './saving.server.ts'

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 5fr);
  gap: 16px;
  align-items: start;
  > :first-child {
    position: sticky;
    top: 68px;
  }
  @media (max-width: 960px) {
    grid-template-columns: minmax(0, 1fr);
    > :first-child {
      position: static;
    }
  }
`

export async function loader({ params }: Route.LoaderArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const [{ drawn, ...dossier }, fits] = await Promise.all([productDossier(product), productFitments(product)])
  return {
    ...dossier,
    fits,
    newRevision: newId(),
    today: today(),
    drawn: drawn && {
      id: drawn.specimen.id,
      label: drawn.specimen.label,
      drawing: drawingData(product.form, drawn.assessment.values, drawn.specimen.sizeClass),
    },
  }
}

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const { id: productId } = product
  const typed = await fieldsOf(request)
  if (typed.intent === 'quick') return takeLine(product, typed)
  if (typed.intent === 'product') return (await saveProduct(product, typed)) ?? accepted()
  if (typed.intent === 'maker') {
    const maker = parseFields(makerSchema, typed)
    if (!maker.ok) return maker.refusal
    const isKept = await saveMaker(productId, maker.value)
    return isKept ? accepted() : refused('This revision is not here any more.')
  }
  if (typed.intent === 'fits') return sayFits(product, typed)
  if (typed.intent === 'good') return markGood(productId, typed)
  if (typed.intent === 'fits-no-more') {
    const removed = parseFields(removedFitmentSchema, typed)
    if (!removed.ok) return removed.refusal
    const done = await removeFitment(productId, removed.value.engine)
    return done === 'removed' ? accepted() : refused('It was entered for this engine: it stays in its line-up.')
  }
  const parsed = parseFields(revisionSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const added = await addRevision({ ...parsed.value, productId })
  return additionRefusal(added, { field: 'label', message: 'This revision is there already.' }) ?? accepted()
}

async function markGood(productId: string, typed: Record<string, unknown>) {
  const parsed = parseFields(knownGoodSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { specimen, is } = parsed.value
  if (!(await listSpecimensOf(productId)).some(({ id }) => id === specimen))
    return refused('This specimen is not here any more.')
  await sayGood(specimen, is === 'yes')
  return accepted()
}

async function sayFits({ id: productId, form, applicationId: home }: Product, typed: Record<string, unknown>) {
  const parsed = parseFields(fitmentSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { engine: applicationId, source, remarks } = parsed.value
  const engine = await findApplication(applicationId)
  if (!engine) return refused('This engine is not here any more. Choose another.')
  if (engine.form !== form) return refused('A spin-on goes on no housing for cartridges, nor the other way.')
  if (engine.demo !== (await findApplication(home))?.demo) return refused('The demo is kept apart from your own.')
  await keepFitment({ productId, applicationId, source, remarks })
  return accepted()
}

async function takeLine({ id, form, revisions }: Product, typed: Record<string, unknown>) {
  const parsed = parseFields(quickLineSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { id: act, specimen: specimenId, readings } = parsed.value
  const specimen = (await listSpecimensOf(id)).find((one) => one.id === specimenId)
  if (specimenId !== '' && !specimen) return refused('This specimen is not here any more. Choose another.')
  const revisionId = specimen?.revisionId ?? revisions.at(-1)?.id
  if (revisionId === undefined) return refused('This product has no revision any more.')
  const added = await addQuickReadings(act, { form, specimenId: specimen?.id, revisionId }, readings)
  if (!added.ok) return refused(added.problem.message)
  return additionRefusal(added.value, { message: 'These readings are there already.' }) ?? accepted()
}

export default function ProductPage({ loaderData, actionData }: Route.ComponentProps) {
  const {
    specimens,
    newRevision,
    topEnd,
    drawn,
    photos,
    claims,
    prices,
    verdicts,
    brands,
    fits,
    facts,
    signs,
    today: day,
  } = loaderData
  const { product, application } = useProduct()
  const [edited, edit] = useEdited<true>(actionData)
  return (
    <Page>
      <ProductHead product={product} application={application} onEdit={() => edit(true)} />
      {edited && (
        <ProductForm
          id={product.id}
          version={product.version}
          values={productValues(product)}
          brands={brands}
          result={actionData}
          back={href('/products/:product', { product: product.id })}
          onLeave={() => edit(undefined)}
        />
      )}
      <Card>
        <ProductQuickLine form={product.form} specimens={specimens} lineup={application.id} topEnd={topEnd} />
      </Card>
      <Sides>
        <Stack $gap={16}>
          {drawn && <DrawnCard drawn={drawn} name={`${product.brand} ${product.partNumber}`} />}
          {photos.length > 0 && (
            <Card>
              <Stack $gap={10}>
                <h2>Photos</h2>
                <PhotoStrip photos={photos} />
              </Stack>
            </Card>
          )}
        </Stack>
        <Stack $gap={16}>
          <Card>
            <Stack $gap={10}>
              <h2>Specimens</h2>
              <SpecimenTable specimens={specimens} />
            </Stack>
          </Card>
          <RevisionsCard
            revisions={product.revisions}
            specimens={specimens}
            facts={facts}
            newRevision={newRevision}
            result={edited ? undefined : actionData}
          />
          {claims && (
            <Card>
              <Stack $gap={10}>
                <Row $between>
                  <h2>Claims</h2>
                  <ClaimLinks product={claims} />
                </Row>
                <AddClaimLine products={[claims]} form={product.form} today={day} picked={product.id} />
                <ClaimList product={claims} application={application.id} today={day} />
              </Stack>
            </Card>
          )}
          <SignsCard specimens={signs} />
          <FitsCard {...fits} />
          <PricesCard product={product} prices={prices} today={day} />
          <Card>
            <Stack $gap={10}>
              <h2>Verdicts it stood in</h2>
              <VerdictsStood verdicts={verdicts} application={application.id} />
            </Stack>
          </Card>
        </Stack>
      </Sides>
    </Page>
  )
}
