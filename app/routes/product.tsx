import { href } from 'react-router'
import { styled } from 'styled-components'
import { today } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { productFitments } from '#app/data/product-fitments.server.ts'
import { productDossier } from '#app/data/product-dossier.server.ts'
import { findProduct } from '#app/data/products.server.ts'
import { AddClaimLine } from '#app/features/claims/AddClaimLine.tsx'
import { drawingData } from '#app/drawing/data.ts'
import { ClaimLinks, ClaimList } from '#app/features/claims/ClaimCard.tsx'
import { productValues } from '#app/features/forms/product-fields.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import { useEdited } from '#app/features/forms/useEdited.ts'
import { useProduct } from '#app/features/forms/useProduct.ts'
import { DrawnCard } from '#app/features/products/DrawnCard.tsx'
import { FitsCard } from '#app/features/products/FitsCard.tsx'
import { PhotoStrip } from '#app/features/products/PhotoStrip.tsx'
import { PricesCard } from '#app/features/products/PricesCard.tsx'
import { ProductHead } from '#app/features/products/ProductHead.tsx'
import { ProductQuickLine } from '#app/features/products/ProductQuickLine.tsx'
import { ReplacesCard } from '#app/features/products/ReplacesCard.tsx'
import { RevisionsCard } from '#app/features/products/RevisionsCard.tsx'
import { SignsCard } from '#app/features/products/SignsCard.tsx'
import { SpecimenTable } from '#app/features/products/SpecimenTable.tsx'
import { VerdictsStood } from '#app/features/products/VerdictsStood.tsx'
import * as texts from '#app/texts/products.ts'
import { Card, Page, Row, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/product'
import { fieldsOf, found } from './http.server.ts'
import { actOnProduct } from './product-actions.server.ts'

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
  const product = found(await findProduct(params.product), texts.thisProduct)
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
  const product = found(await findProduct(params.product), texts.thisProduct)
  return actOnProduct(product, await fieldsOf(request))
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
    replacements,
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
                <h2>{texts.photos}</h2>
                <PhotoStrip photos={photos} />
              </Stack>
            </Card>
          )}
        </Stack>
        <Stack $gap={16}>
          <Card>
            <Stack $gap={10}>
              <h2>{texts.specimens}</h2>
              <SpecimenTable specimens={specimens} />
            </Stack>
          </Card>
          <RevisionsCard
            revisions={product.revisions}
            specimens={specimens}
            facts={facts}
            prices={prices}
            verdicts={verdicts}
            newRevision={newRevision}
            result={edited ? undefined : actionData}
          />
          {claims && (
            <Card>
              <Stack $gap={10}>
                <Row $between>
                  <h2>{texts.claims}</h2>
                  <ClaimLinks product={claims} />
                </Row>
                <AddClaimLine products={[claims]} form={product.form} today={day} picked={product.id} />
                <ClaimList product={claims} application={application.id} today={day} />
              </Stack>
            </Card>
          )}
          <SignsCard specimens={signs} />
          <FitsCard {...fits} product={product.id} />
          <ReplacesCard {...replacements} />
          <PricesCard product={product} prices={prices} today={day} />
          <Card>
            <Stack $gap={10}>
              <h2>{texts.verdictsItStoodIn}</h2>
              <VerdictsStood verdicts={verdicts} application={application.id} />
            </Stack>
          </Card>
        </Stack>
      </Sides>
    </Page>
  )
}
