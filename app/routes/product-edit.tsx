import { href, redirect } from 'react-router'
import { changeProduct, findProduct, listBrands, removeProduct } from '#app/data/products.server.ts'
import { productSchema, productValues } from '#app/features/forms/product-fields.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import { RemoveForm } from '#app/features/forms/RemoveForm.tsx'
import { useProduct } from '#app/features/forms/useProduct.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/product-edit'
import { fieldsOf, found, parseFields, refused } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Edit a product · Plicator' }]

export const loader = async () => ({ brands: (await listBrands()).map(({ name }) => name) })

export async function action({ request, params }: Route.ActionArgs) {
  const { id, applicationId } = found(await findProduct(params.product), 'This product')
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    if ((await removeProduct(id)) === 'removed')
      return redirect(href('/lineups/:application', { application: applicationId }))
    return refused('It has specimens. Remove them first, so that no reading is lost by accident.')
  }
  const parsed = parseFields(productSchema, { ...typed, id })
  if (!parsed.ok) return parsed.refusal
  const changed = await changeProduct({ ...parsed.value, applicationId }, seenVersion(typed))
  const current = found(await findProduct(id), 'This product')
  const taken = {
    field: 'partNumber',
    message: 'This brand has that part number here already, or another product has the short name.',
  }
  const refusal = changeRefusal(changed, taken, { version: current.version, values: productValues(current) })
  return refusal ?? redirect(href('/products/:product', { product: id }))
}

export default function EditProduct({ loaderData: { brands }, actionData }: Route.ComponentProps) {
  const { product } = useProduct()
  const { id, brand, partNumber } = product
  return (
    <Page>
      <h1>
        {brand} {partNumber}
      </h1>
      <ProductForm
        id={id}
        version={product.version}
        values={productValues(product)}
        brands={brands}
        result={actionData}
        back={href('/products/:product', { product: id })}
      />
      <RemoveForm label="Remove this product" />
    </Page>
  )
}
