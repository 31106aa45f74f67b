import { href, Link, redirect } from 'react-router'
import { changePurchase, findPurchase } from '#app/data/purchases.server.ts'
import { purchaseFields, purchaseSchema, purchaseValues } from '#app/features/forms/plan-fields.ts'
import { PurchaseForm } from '#app/features/plan/PurchaseForm.tsx'
import * as texts from '#app/texts/plan.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/purchase-edit'
import { fieldsOf, found, parseFields } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.aPurchaseTitle }]

export const loader = async ({ params }: Route.LoaderArgs) => ({
  purchase: found(await findPurchase(params.purchase), texts.thisPurchase),
})

export async function action({ request, params }: Route.ActionArgs) {
  const { id } = found(await findPurchase(params.purchase), texts.thisPurchase)
  const typed = await fieldsOf(request)
  const parsed = parseFields(purchaseSchema, { ...typed, id })
  if (!parsed.ok) return parsed.refusal
  const changed = await changePurchase(purchaseFields(parsed.value, typed), seenVersion(typed))
  const current = found(await findPurchase(id), texts.thisPurchase)
  const meanwhile = { version: current.version, values: purchaseValues(current) }
  return changeRefusal(changed, { message: texts.thisIsThereAlready }, meanwhile) ?? redirect(href('/plan'))
}

export default function EditPurchase({ loaderData: { purchase }, actionData }: Route.ComponentProps) {
  const { productId, brand, partNumber } = purchase
  return (
    <Page>
      <h1>
        {texts.toBuyLead}{' '}
        <Link to={href('/products/:product', { product: productId })}>
          {brand} {partNumber}
        </Link>
      </h1>
      <PurchaseForm purchase={purchase} result={actionData} />
    </Page>
  )
}
