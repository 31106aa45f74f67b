import { href, redirect } from 'react-router'
import { addClaim } from '#app/data/claims.server.ts'
import { today } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { knownPhoto, listBoxPhotos } from '#app/data/photos.server.ts'
import { findProduct, knownRevision } from '#app/data/products.server.ts'
import { claimFields, claimSchema, newClaimValues } from '#app/features/forms/claim-fields.ts'
import { ClaimForm } from '#app/features/forms/ClaimForm.tsx'
import { useProduct } from '#app/features/forms/useProduct.ts'
import * as texts from '#app/texts/claims.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/claim-new'
import { fieldsOf, found, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.newClaimTitle }]

export const loader = async ({ params }: Route.LoaderArgs) => ({
  id: newId(),
  photos: await listBoxPhotos(params.product),
  today: today(),
})

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), texts.thisProduct)
  const { id, applicationId } = product
  const typed = await fieldsOf(request)
  const parsed = parseFields(claimSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const claim = claimFields(parsed.value, id, typed)
  const revisionId = knownRevision(product, claim.revisionId)
  const added = await addClaim({ ...claim, revisionId, photoId: await knownPhoto(id, claim.photoId) })
  const refusal = additionRefusal(added, { message: texts.thisClaimIsThereAlready })
  return refusal ?? redirect(`${href('/lineups/:application/claims', { application: applicationId })}?of=${id}`)
}

export default function NewClaim({ loaderData: { id, photos, today: day }, actionData }: Route.ComponentProps) {
  const { product } = useProduct()
  return (
    <Page>
      <h1>{texts.aClaimOn(product.brand, product.partNumber)}</h1>
      <ClaimForm
        id={id}
        values={newClaimValues(day)}
        photos={photos}
        revisions={product.revisions}
        result={actionData}
        back={href('/lineups/:application/claims', { application: product.applicationId })}
      />
    </Page>
  )
}
