import { href, redirect } from 'react-router'
import { findApplication } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { addProduct, listBrandNames } from '#app/data/products.server.ts'
import { productSchema } from '#app/features/forms/product-fields.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import * as texts from '#app/texts/products.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/product-new'
import { fieldsOf, found, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.newProductTitle }]

export async function loader({ params }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), texts.thisEngine)
  return { id: newId(), application, brands: await listBrandNames() }
}

export async function action({ request, params }: Route.ActionArgs) {
  const application = found(await findApplication(params.application), texts.thisEngine)
  const parsed = parseFields(productSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const message = texts.thisBrandHasThatPartNumberHere
  const added = await addProduct({ ...parsed.value, applicationId: application.id })
  const refusal = additionRefusal(added, { field: 'partNumber', message })
  return refusal ?? redirect(href('/products/:product', { product: parsed.value.id }))
}

export default function NewProduct({ loaderData: { id, application, brands }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>{texts.newProductFor(application.name)}</h1>
      <ProductForm
        id={id}
        values={{ form: application.form, tier: 'middle' }}
        brands={brands}
        result={actionData}
        back={href('/lineups/:application', { application: application.id })}
      />
    </Page>
  )
}
