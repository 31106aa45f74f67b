import { href, Link } from 'react-router'
import { today } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { addPrice, listPricesOf, removePrice } from '#app/data/prices.server.ts'
import { addAvailability, listAvailabilityOf, removeAvailability } from '#app/data/availability.server.ts'
import { findProduct, knownRevision, type Product } from '#app/data/products.server.ts'
import { availabilitySchema } from '#app/features/forms/availability-fields.ts'
import { AvailabilityCard } from '#app/features/prices/AvailabilityCard.tsx'
import { priceRawInput, priceSchema } from '#app/features/forms/price-fields.ts'
import { useProduct } from '#app/features/forms/useProduct.ts'
import { PriceForm } from '#app/features/prices/PriceForm.tsx'
import { PriceTable } from '#app/features/prices/PriceTable.tsx'
import * as texts from '#app/texts/prices.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/prices'
import { accepted, fieldsOf, found, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.pricesTitle }]

export const loader = async ({ params }: Route.LoaderArgs) => ({
  prices: await listPricesOf(params.product),
  seen: await listAvailabilityOf(params.product),
  id: newId(),
  seenId: newId(),
  today: today(),
})

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), texts.thisProduct)
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    await removePrice(product.id, String(typed.id))
    return accepted()
  }
  if (typed.intent === 'remove-availability') {
    await removeAvailability(product.id, String(typed.id))
    return accepted()
  }
  if (typed.intent === 'availability') return keepAvailability(product, typed)
  const parsed = parseFields(priceSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const added = await addPrice(
    { ...parsed.value, productId: product.id, revisionId: knownRevision(product, parsed.value.revisionId) },
    priceRawInput(typed),
  )
  return additionRefusal(added, { message: texts.thisPriceIsThereAlready }) ?? accepted()
}

async function keepAvailability(product: Product, typed: Record<string, unknown>) {
  const parsed = parseFields(availabilitySchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { intent: _, ...seen } = parsed.value
  const revisionId = knownRevision(product, seen.revisionId)
  const added = await addAvailability({ ...seen, productId: product.id, revisionId })
  return additionRefusal(added, { message: texts.thisIsThereAlready }) ?? accepted()
}

export default function Prices({
  loaderData: { prices, seen, id, seenId, today: day },
  actionData,
}: Route.ComponentProps) {
  const { product } = useProduct()
  return (
    <Page>
      <Stack $gap={4}>
        <Link to={href('/lineups/:application/money', { application: product.applicationId })}>{texts.money}</Link>
        <h1>
          {texts.pricesOf}{' '}
          <Link to={href('/products/:product', { product: product.id })}>
            {product.brand} {product.partNumber}
          </Link>
        </h1>
        <Soft>{texts.everyPriceThatWasReadWith}</Soft>
      </Stack>
      <Row>
        <ButtonLink
          to={`${href('/lineups/:application/price-list', { application: product.applicationId })}?product=${product.id}`}
        >
          {texts.typePricesInALine}
        </ButtonLink>
      </Row>
      <Card>
        <PriceTable prices={prices} revisions={product.revisions} today={day} />
      </Card>
      <AvailabilityCard
        key={seenId}
        id={seenId}
        today={day}
        seen={seen}
        revisions={product.revisions}
        result={actionData}
      />
      <PriceForm key={id} id={id} today={day} latest={prices[0]} revisions={product.revisions} result={actionData} />
    </Page>
  )
}
