import { parseWithZod } from '@conform-to/zod/v4'
import { redirect } from 'react-router'
import { saveClaim } from '#app/data/claims.server.ts'
import { newId } from '#app/data/id.ts'
import { listBoxPhotos } from '#app/data/photos.server.ts'
import { findProduct } from '#app/data/products.server.ts'
import { ClaimForm } from '#app/features/forms/ClaimForm.tsx'
import { claimSchema } from '#app/features/forms/market-schemas.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/claim-new'
import { formDataOf, found } from './http.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const product = found(await findProduct(params.product), 'This product')
  return { id: newId(), product, photos: await listBoxPhotos(product.id), today: new Date().toISOString().slice(0, 10) }
}

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const submission = parseWithZod(await formDataOf(request), { schema: claimSchema })
  if (submission.status !== 'success') return submission.reply()
  const photos = await listBoxPhotos(product.id)
  const photo = photos.some(({ id }) => id === submission.value.photo) ? submission.value.photo : null
  await saveClaim({ ...submission.value, photo, product: product.id })
  return redirect(`/lineups/${product.application}/claims#${product.id}`)
}

export default function NewClaim({ loaderData: { id, product, photos, today }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>
        A claim on {product.brand} {product.partNumber}
      </h1>
      <ClaimForm
        id={id}
        today={today}
        photos={photos}
        last={actionData}
        back={`/lineups/${product.application}/claims`}
      />
    </Page>
  )
}
