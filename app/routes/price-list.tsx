import { useMemo, useState } from 'react'
import { href, Link, redirect } from 'react-router'
import { currencies } from '#core/money/currency.ts'
import { readPriceList } from '#core/money/read-prices.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { today } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { addPrices, listPrices } from '#app/data/prices.server.ts'
import { listProducts } from '#app/data/products.server.ts'
import { KeepLine } from '#app/features/forms/KeepLine.tsx'
import { listedPrice, longestPriceList, priceListSchema } from '#app/features/forms/price-list-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { ReadPrices } from '#app/features/prices/ReadPrices.tsx'
import * as texts from '#app/texts/prices.ts'
import { DayField } from '#app/ui/DayField.tsx'
import { AreaBox, InputBox } from '#app/ui/inputs.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import type { Route } from './+types/price-list'
import { fieldsOf, found, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.priceListTitle }]

/** The products of a line-up as a list names them, and the one that it was opened for. */
async function productsOf(application: string, only: string | null) {
  const all = (await listProducts(application)).map(({ id, brand, partNumber, nickname, revisions }) => ({
    ...{ id, brand, partNumber, nickname },
    revisions: revisions.map(({ id: revision, label }) => ({ id: revision, label })),
  }))
  return { products: all, only: all.find(({ id }) => id === only) }
}

export async function loader({ params, request }: Route.LoaderArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const [latest] = await listPrices(application.id)
  return {
    id: newId(),
    today: today(),
    application: { id: application.id, name: application.name },
    ...(await productsOf(application.id, new URL(request.url).searchParams.get('product'))),
    currency: latest?.currency ?? 'EUR',
  }
}

export async function action({ params, request }: Route.ActionArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const parsed = parseFields(priceListSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const { id, text, shop, observedOn, currency = 'EUR' } = parsed.value
  const { products, only } = await productsOf(application.id, parsed.value.product)
  const kept = []
  for (const { product, revision, prices } of readPriceList(text, products, only))
    for (const read of prices) {
      const of = { productId: product?.id ?? '', revisionId: revision?.id ?? '' }
      const price = listedPrice(read, of, { shop, currency, observedOn })
      if (!price.ok) return refused(price.problem.message)
      kept.push({ price: price.value, words: read.words })
    }
  if (kept.length === 0) return refused(texts.noLineNamesAProductOf)
  const refusal = additionRefusal(await addPrices(id, kept), { message: texts.thesePricesAreThereAlready })
  return refusal ?? redirect(href('/lineups/:application/money', { application: application.id }))
}

export default function PriceList({ loaderData }: Route.ComponentProps) {
  const { id, application, products, only, today: day } = loaderData
  const [text, setText] = useState('')
  const [shop, setShop] = useState('')
  const [observedOn, setObservedOn] = useState(day)
  const [currency, setCurrency] = useState<string>(loaderData.currency)
  const { send, refusal, isIdle } = useAction()
  const lines = useMemo(() => readPriceList(text.slice(0, longestPriceList), products, only), [text, products, only])
  const count = lines.reduce((sum, { prices }) => sum + prices.length, 0)
  const money = href('/lineups/:application/money', { application: application.id })
  const [first] = products
  return (
    <Page>
      <Stack $gap={4}>
        <Link to={money}>{texts.money}</Link>
        <h1>{only ? texts.pricesOfOfBrand(only.brand, only.partNumber) : texts.priceListOf(application.name)}</h1>
        <Soft>{texts.typeOrPastePricesAsThey}</Soft>
      </Stack>
      <Card>
        <Stack $gap={14}>
          <Stack $gap={4}>
            <label htmlFor="price-lines">{texts.pricesALineEach}</label>
            <AreaBox
              id="price-lines"
              value={text}
              rows={6}
              maxLength={longestPriceList}
              placeholder={[only ? '' : first?.partNumber, texts.n1197AtQuayParts3].join(' ').trim()}
              onChange={(event) => setText(event.target.value)}
            />
            <Small>{texts.understoodPacksFreightFreeFrom}</Small>
          </Stack>
          <Row $gap={16}>
            <label htmlFor="list-shop">
              <Small>{`${texts.shopWhereALineNamesNone} `}</Small>
              <InputBox id="list-shop" value={shop} maxLength={80} onChange={(event) => setShop(event.target.value)} />
            </label>
            <SelectMenu
              label={texts.currency}
              value={currency}
              options={currencies.map((one) => ({ value: one, label: one }))}
              onPick={setCurrency}
            />
            <DayField value={observedOn} onChange={setObservedOn} />
          </Row>
          {lines.length > 0 && <ReadPrices lines={lines} shop={shop} currency={currency} />}
          <KeepLine
            refusal={refusal}
            label={count === 0 ? texts.keepThePrices : texts.keepPrices(count)}
            isIdle={isIdle}
            onKeep={() => send({ id, text, shop, observedOn, currency, product: only?.id ?? '' })}
            back={money}
          />
        </Stack>
      </Card>
    </Page>
  )
}
