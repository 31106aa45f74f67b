import { parseWithZod } from '@conform-to/zod/v4'
import { redirect } from 'react-router'
import { findApplication } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { listBrands, saveProduct } from '#app/data/products.server.ts'
import { ProductForm } from '#app/features/forms/ProductForm.tsx'
import { productSchema } from '#app/features/forms/schemas.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/product-new'
import { formDataOf, found } from './http.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const application = found(await findApplication(params.lineup), 'This application')
  return { id: newId(), application, brands: (await listBrands()).map(({ name }) => name) }
}

export async function action({ request, params }: Route.ActionArgs) {
  const application = found(await findApplication(params.lineup), 'This application')
  const submission = parseWithZod(await formDataOf(request), { schema: productSchema })
  if (submission.status !== 'success') return submission.reply()
  if ((await saveProduct({ ...submission.value, application: application.id })) === 'exists') {
    return submission.reply({
      fieldErrors: {
        partNumber: ['This brand has that part number here already. A change inside is a revision of it.'],
      },
    })
  }
  return redirect(`/products/${submission.value.id}`)
}

export default function NewProduct({ loaderData: { id, application, brands }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>New product for {application.name}</h1>
      <ProductForm
        id={id}
        start={{ form: application.form, tier: 'middle' }}
        isNew
        brands={brands}
        last={actionData}
        back={`/lineups/${application.id}`}
      />
    </Page>
  )
}
