import { parseWithZod } from '@conform-to/zod/v4'
import { redirect } from 'react-router'
import { newId } from '#app/data/id.ts'
import { findProduct } from '#app/data/products.server.ts'
import { nextLabel, saveSpecimen } from '#app/data/specimens.server.ts'
import { SpecimenForm } from '#app/features/forms/SpecimenForm.tsx'
import { specimenSchema } from '#app/features/forms/schemas.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/specimen-new'
import { formDataOf, found } from './http.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const revision = product.revisions.at(-1)!
  return { id: newId(), product, revision: revision.id, label: await nextLabel(revision.id) }
}

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const submission = parseWithZod(await formDataOf(request), { schema: specimenSchema })
  if (submission.status !== 'success') return submission.reply()
  const { price, currency, ...rest } = submission.value
  if (!product.revisions.some(({ id }) => id === rest.revision))
    return submission.reply({ formErrors: ['Choose a revision of this product.'] })
  if (
    (await saveSpecimen({ ...rest, paidMinor: price, currency: price === null ? null : (currency ?? null) })) ===
    'label-taken'
  ) {
    return submission.reply({ fieldErrors: { label: ['Another specimen of this revision has that label.'] } })
  }
  return redirect(`/bench/${rest.id}`)
}

export default function NewSpecimen({
  loaderData: { id, product, revision, label },
  actionData,
}: Route.ComponentProps) {
  return (
    <Page>
      <h1>
        New specimen of {product.brand} {product.partNumber}
      </h1>
      <SpecimenForm
        id={id}
        isNew
        start={{ revision, label, got: 'bought', currency: 'EUR' }}
        revisions={product.revisions}
        last={actionData}
        back={`/products/${product.id}`}
      />
    </Page>
  )
}
