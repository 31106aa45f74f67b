import { href, redirect } from 'react-router'
import { findProduct, listBrandNames, removeProduct } from '#app/data/products.server.ts'
import { productValues } from '#app/features/forms/product-fields.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import { RemoveForm } from '#app/features/forms/RemoveForm.tsx'
import { useProduct } from '#app/features/forms/useProduct.ts'
import * as texts from '#app/texts/products.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/product-edit'
import { fieldsOf, found, refused } from './http.server.ts'
import { saveProduct } from './product-saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.editAProductTitle }]

export const loader = async () => ({ brands: await listBrandNames() })

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), texts.thisProduct)
  const { id, applicationId } = product
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    if ((await removeProduct(id)) === 'removed')
      return redirect(href('/lineups/:application', { application: applicationId }))
    return refused(texts.itHasSpecimensRemoveThemFirst)
  }
  return (await saveProduct(product, typed)) ?? redirect(href('/products/:product', { product: id }))
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
      <RemoveForm label={texts.removeThisProduct} />
    </Page>
  )
}
