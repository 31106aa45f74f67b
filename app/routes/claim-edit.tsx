import { findApplication } from '#app/data/applications.server.ts'
import { href, redirect } from 'react-router'
import { changeClaim, findClaim, removeClaim } from '#app/data/claims.server.ts'
import { knownPhoto, listBoxPhotos } from '#app/data/photos.server.ts'
import { findProduct, knownRevision } from '#app/data/products.server.ts'
import { claimFields, claimSchema, claimValues } from '#app/features/forms/claim-fields.ts'
import { ClaimForm } from '#app/features/forms/ClaimForm.tsx'
import { RemoveForm } from '#app/features/forms/RemoveForm.tsx'
import * as texts from '#app/texts/claims.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/claim-edit'
import { fieldsOf, found, parseFields } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.editAClaimTitle }]

async function load(id: string) {
  const claim = found(await findClaim(id), texts.thisClaim)
  return { claim, product: found(await findProduct(claim.productId), texts.itsProduct) }
}

export async function loader({ params }: Route.LoaderArgs) {
  const { claim, product } = await load(params.claim)
  const application = found(await findApplication(product.applicationId), texts.itsEngine)
  return {
    claim,
    product,
    application: { id: application.id, name: application.name },
    photos: await listBoxPhotos(product.id),
  }
}

export async function action({ request, params }: Route.ActionArgs) {
  const { claim, product } = await load(params.claim)
  const typed = await fieldsOf(request)
  const back = href('/lineups/:application/claims', { application: product.applicationId })
  if (typed.intent === 'remove') {
    await removeClaim(claim.id)
    return redirect(back)
  }
  const parsed = parseFields(claimSchema, { ...typed, id: claim.id })
  if (!parsed.ok) return parsed.refusal
  const fields = claimFields(parsed.value, product.id, typed)
  const photoId = await knownPhoto(product.id, fields.photoId)
  const changed = await changeClaim(
    { ...fields, photoId, revisionId: knownRevision(product, fields.revisionId) },
    seenVersion(typed),
  )
  const current = found(await findClaim(claim.id), texts.thisClaim)
  const taken = { message: texts.thisClaimIsThereAlready }
  const refusal = changeRefusal(changed, taken, { version: current.version, values: claimValues(current) })
  return refusal ?? redirect(`${back}?of=${product.id}`)
}

export default function EditClaim({ loaderData: { claim, product, photos }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>{texts.aClaimOn(product.brand, product.partNumber)}</h1>
      <ClaimForm
        id={claim.id}
        version={claim.version}
        values={claimValues(claim)}
        photos={photos}
        revisions={product.revisions}
        result={actionData}
        back={href('/lineups/:application/claims', { application: product.applicationId })}
      />
      <RemoveForm label={texts.removeThisClaim} />
    </Page>
  )
}
