import { href, redirect } from 'react-router'
import { findApplication } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { lastPurchase } from '#app/data/last-purchase.server.ts'
import { findProduct } from '#app/data/products.server.ts'
import { addSpecimen, nextLabel } from '#app/data/specimens.server.ts'
import { specimenFields, specimenSchema } from '#app/features/forms/specimen-fields.ts'
import { SpecimenForm } from '#app/features/forms/SpecimenForm.tsx'
import { useProduct } from '#app/features/forms/useProduct.ts'
import * as texts from '#app/texts/specimen.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/specimen-new'
import { fieldsOf, found, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.newSpecimenTitle }]

export async function loader({ params }: Route.LoaderArgs) {
  const product = found(await findProduct(params.product), texts.thisProduct)
  const revision = found(product.revisions.at(-1), texts.aRevisionOfThisProduct)
  const application = await findApplication(product.applicationId)
  const [label, last] = await Promise.all([nextLabel(revision.id), lastPurchase(application?.demo ?? 0)])
  return { id: newId(), revisionId: revision.id, label, last }
}

export async function action({ request, params }: Route.ActionArgs) {
  const { revisions } = found(await findProduct(params.product), texts.thisProduct)
  const typed = await fieldsOf(request)
  const parsed = parseFields(specimenSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const specimen = specimenFields(parsed.value, typed)
  if (!revisions.some(({ id }) => id === specimen.revisionId)) return refused(texts.chooseARevisionOfThisProduct)
  const taken = { field: 'label', message: texts.anotherSpecimenOfThisRevisionHas }
  const refusal = additionRefusal(await addSpecimen(specimen), taken)
  return refusal ?? redirect(href('/bench/:specimen', { specimen: specimen.id }))
}

export default function NewSpecimen({ loaderData: { id, revisionId, label, last }, actionData }: Route.ComponentProps) {
  const { product } = useProduct()
  return (
    <Page>
      <h1>{texts.newSpecimenOf(product.brand, product.partNumber)}</h1>
      <SpecimenForm
        id={id}
        values={{ revisionId, label, condition: 'new', acquisition: 'bought', currency: 'EUR', ...last }}
        revisions={product.revisions}
        result={actionData}
        back={href('/products/:product', { product: product.id })}
      />
    </Page>
  )
}
