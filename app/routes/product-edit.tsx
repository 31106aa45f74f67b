import { href, redirect } from 'react-router'
import { findProduct, listBrands, removeProduct, saveProduct } from '#app/data/products.server.ts'
import { productSchema } from '#app/features/forms/product-fields.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import { RemoveForm } from '#app/features/forms/RemoveForm.tsx'
import { useProduct } from '#app/features/forms/useProduct.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/product-edit'
import { fieldsOf, found, parseFields, refused, refusedField } from './http.server.ts'

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
  if ((await saveProduct({ ...parsed.value, applicationId })) === 'taken')
    return refusedField('partNumber', 'This brand has that part number here already.')
  return redirect(href('/products/:product', { product: id }))
}

export default function EditProduct({ loaderData: { brands }, actionData }: Route.ComponentProps) {
  const { id, brand, partNumber, form, tier } = useProduct().product
  return (
    <Page>
      <h1>
        {brand} {partNumber}
      </h1>
      <ProductForm
        id={id}
        isNew={false}
        values={{ brand, partNumber, form, tier }}
        brands={brands}
        result={actionData}
        back={href('/products/:product', { product: id })}
      />
      <RemoveForm label="Remove this product" />
    </Page>
  )
}
