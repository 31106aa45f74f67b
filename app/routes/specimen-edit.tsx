import { href, redirect } from 'react-router'
import { findProduct } from '#app/data/products.server.ts'
import { changeSpecimen, findSpecimen, removeSpecimen } from '#app/data/specimens.server.ts'
import { RemoveForm } from '#app/features/forms/RemoveForm.tsx'
import { specimenFields, specimenSchema, specimenValues } from '#app/features/forms/specimen-fields.ts'
import { SpecimenForm } from '#app/features/forms/SpecimenForm.tsx'
import { useSpecimen } from '#app/features/specimen/useSpecimen.ts'
import * as texts from '#app/texts/specimen.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/specimen-edit'
import { fieldsOf, found, parseFields, refused } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.editASpecimenTitle }]

async function load(id: string) {
  const specimen = found(await findSpecimen(id), texts.thisSpecimen)
  return { specimen, product: found(await findProduct(specimen.productId), texts.thisProduct) }
}

export const loader = async ({ params }: Route.LoaderArgs) => ({
  revisions: (await load(params.specimen)).product.revisions,
})

export async function action({ request, params }: Route.ActionArgs) {
  const { specimen, product } = await load(params.specimen)
  const typed = await fieldsOf(request)
  const back = href('/products/:product', { product: product.id })
  if (typed.intent === 'remove') {
    if ((await removeSpecimen(specimen.id)) === 'removed') return redirect(back)
    return refused(texts.itHasReadingsAndReadingsAre)
  }
  const parsed = parseFields(specimenSchema, { ...typed, id: specimen.id })
  if (!parsed.ok) return parsed.refusal
  const { revisionId } = parsed.value
  if (!product.revisions.some(({ id }) => id === revisionId)) return refused(texts.chooseARevisionOfThisProduct)
  const changed = await changeSpecimen(specimenFields(parsed.value, typed), seenVersion(typed))
  const current = found(await findSpecimen(specimen.id), texts.thisSpecimen)
  const taken = { field: 'label', message: texts.anotherSpecimenOfThisRevisionHas }
  const refusal = changeRefusal(changed, taken, { version: current.version, values: specimenValues(current) })
  return refusal ?? redirect(back)
}

export default function EditSpecimen({ loaderData: { revisions }, actionData }: Route.ComponentProps) {
  const specimen = useSpecimen()
  return (
    <Page>
      <h1>{texts.specimenOfBrand(specimen.brand, specimen.partNumber, specimen.label)}</h1>
      <SpecimenForm
        id={specimen.id}
        version={specimen.version}
        values={specimenValues(specimen)}
        revisions={revisions}
        result={actionData}
        back={href('/products/:product', { product: specimen.productId })}
      />
      <RemoveForm label={texts.removeThisSpecimen} />
    </Page>
  )
}
