import { parseWithZod } from '@conform-to/zod/v4'
import { Form, redirect } from 'react-router'
import { findProduct } from '#app/data/products.server.ts'
import { findSpecimen, removeSpecimen, saveSpecimen } from '#app/data/specimens.server.ts'
import { SpecimenForm } from '#app/features/forms/SpecimenForm.tsx'
import { specimenSchema } from '#app/features/forms/schemas.ts'
import { Button } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/specimen-edit'
import { formDataOf, found } from './http.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  return { specimen, product: found(await findProduct(specimen.product), 'This product') }
}

export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const product = found(await findProduct(specimen.product), 'This product')
  const body = await formDataOf(request)
  body.set('id', params.specimen)
  const submission = parseWithZod(body, { schema: specimenSchema })
  if (body.get('intent') === 'remove') {
    if ((await removeSpecimen(specimen.id)) === 'in-use')
      return submission.reply({
        formErrors: ['It has readings, and readings are kept. Strike the wrong ones on the bench.'],
      })
    return redirect(`/products/${specimen.product}`)
  }
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
  return redirect(`/products/${specimen.product}`)
}

export default function EditSpecimen({ loaderData: { specimen, product }, actionData }: Route.ComponentProps) {
  const { id, revision, label, got, givenBy, paidMinor, currency, shop } = specimen
  const start = {
    revision,
    label,
    got,
    givenBy,
    price: paidMinor === null ? '' : (paidMinor / 100).toFixed(2),
    currency: currency ?? '',
    shop,
  }
  return (
    <Page>
      <h1>
        {specimen.brand} {specimen.partNumber}, specimen {label}
      </h1>
      <SpecimenForm
        id={id}
        isNew={false}
        start={start}
        revisions={product.revisions}
        last={actionData}
        back={`/products/${specimen.product}`}
      />
      <Form method="post">
        <Button type="submit" name="intent" value="remove" $kind="danger">
          Remove this specimen
        </Button>
      </Form>
    </Page>
  )
}
