import { parseWithZod } from '@conform-to/zod/v4'
import { Form, redirect } from 'react-router'
import { findClaim, removeClaim, saveClaim } from '#app/data/claims.server.ts'
import { listBoxPhotos } from '#app/data/photos.server.ts'
import { findProduct } from '#app/data/products.server.ts'
import { ClaimForm } from '#app/features/forms/ClaimForm.tsx'
import { claimSchema } from '#app/features/forms/market-schemas.ts'
import { Button } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/claim-edit'
import { formDataOf, found } from './http.server.ts'

async function load(id: string) {
  const claim = found(await findClaim(id), 'This claim')
  return { claim, product: found(await findProduct(claim.product), 'Its product') }
}

export async function loader({ params }: Route.LoaderArgs) {
  const { claim, product } = await load(params.claim)
  return { claim, product, photos: await listBoxPhotos(product.id) }
}

export async function action({ request, params }: Route.ActionArgs) {
  const { claim, product } = await load(params.claim)
  const body = await formDataOf(request)
  if (body.get('intent') === 'remove') {
    await removeClaim(claim.id)
    return redirect(`/lineups/${product.application}/claims`)
  }
  body.set('id', claim.id)
  const submission = parseWithZod(body, { schema: claimSchema })
  if (submission.status !== 'success') return submission.reply()
  const photos = await listBoxPhotos(product.id)
  const photo = photos.some(({ id }) => id === submission.value.photo) ? submission.value.photo : null
  await saveClaim({ ...submission.value, photo, product: product.id })
  return redirect(`/lineups/${product.application}/claims#${product.id}`)
}

export default function EditClaim({ loaderData: { claim, product, photos }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>
        A claim on {product.brand} {product.partNumber}
      </h1>
      <ClaimForm
        id={claim.id}
        claim={claim}
        today={claim.readOn}
        photos={photos}
        last={actionData}
        back={`/lineups/${product.application}/claims`}
      />
      <Form method="post">
        <Button type="submit" name="intent" value="remove" $kind="danger">
          Remove this claim
        </Button>
      </Form>
    </Page>
  )
}
