import { parseWithZod } from '@conform-to/zod/v4'
import { Form, redirect } from 'react-router'
import { findProduct, listBrands, removeProduct, saveProduct } from '#app/data/products.server.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import { productSchema } from '#app/features/forms/schemas.ts'
import { Button } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/product-edit'
import { formDataOf, found } from './http.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const product = found(await findProduct(params.product), 'This product')
  return { product, brands: (await listBrands()).map(({ name }) => name) }
}

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const body = await formDataOf(request)
  body.set('id', params.product)
  const submission = parseWithZod(body, { schema: productSchema })
  if (body.get('intent') === 'remove') {
    if ((await removeProduct(product.id)) === 'in-use')
      return submission.reply({
        formErrors: ['It has specimens. Remove them first, so that no reading is lost by accident.'],
      })
    return redirect(`/lineups/${product.application}`)
  }
  if (submission.status !== 'success') return submission.reply()
  if ((await saveProduct({ ...submission.value, application: product.application })) === 'exists') {
    return submission.reply({ fieldErrors: { partNumber: ['This brand has that part number here already.'] } })
  }
  return redirect(`/products/${product.id}`)
}

export default function EditProduct({ loaderData: { product, brands }, actionData }: Route.ComponentProps) {
  const { id, brand, partNumber, form, tier } = product
  return (
    <Page>
      <h1>
        {brand} {partNumber}
      </h1>
      <ProductForm
        id={id}
        start={{ brand, partNumber, form, tier }}
        isNew={false}
        brands={brands}
        last={actionData}
        back={`/products/${id}`}
      />
      <Form method="post">
        <Button type="submit" name="intent" value="remove" $kind="danger">
          Remove this product
        </Button>
      </Form>
    </Page>
  )
}
