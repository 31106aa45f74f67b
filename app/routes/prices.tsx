import { getFormProps } from '@conform-to/react'
import { parseWithZod } from '@conform-to/zod/v4'
import { Form, Link } from 'react-router'
import { priceAge, staleAfter } from '#core/money/landed.ts'
import { newId } from '#app/data/id.ts'
import { addPrice, listPricesOf, removePrice } from '#app/data/prices.server.ts'
import { findProduct } from '#app/data/products.server.ts'
import { currencies } from '#app/features/forms/labels.ts'
import { priceSchema } from '#app/features/forms/market-schemas.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Alert, Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { sayMoney } from '#app/ui/money.ts'
import { SelectField } from '#app/ui/Select.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/prices'
import { formDataOf, found } from './http.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const product = found(await findProduct(params.product), 'This product')
  return { product, prices: await listPricesOf(product.id), id: newId(), today: new Date().toISOString().slice(0, 10) }
}

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const form = await formDataOf(request)
  if (form.get('intent') === 'remove') {
    await removePrice(product.id, String(form.get('id')))
    return null
  }
  const submission = parseWithZod(form, { schema: priceSchema })
  if (submission.status !== 'success') return submission.reply()
  await addPrice({ ...submission.value, product: product.id })
  return submission.reply({ resetForm: true })
}

export default function Prices({ loaderData: { product, prices, id, today }, actionData }: Route.ComponentProps) {
  const [form, fields] = useSchemaForm(priceSchema, {
    last: actionData,
    start: { on: today, currency: prices[0]?.currency ?? 'EUR', count: '1', shop: prices[0]?.shop ?? '' },
  })
  return (
    <Page>
      <Stack $gap={4}>
        <Link to={`/lineups/${product.application}/money`}>Money</Link>
        <h1>
          Prices of{' '}
          <Link to={`/products/${product.id}`}>
            {product.brand} {product.partNumber}
          </Link>
        </h1>
        <Soft>
          Every price that was read, with its day; the latest of each shop counts. What was paid for specimens counts
          too.
        </Soft>
      </Stack>
      <Card>
        {prices.length === 0 ? (
          <Soft>No price was read yet.</Soft>
        ) : (
          <Table>
            <thead>
              <tr>
                <th scope="col">Day</th>
                <th scope="col">Shop</th>
                <th scope="col">Price</th>
                <th scope="col">Freight</th>
                <th scope="col">Comes along</th>
                <th scope="col">Remove</th>
              </tr>
            </thead>
            <tbody>
              {prices.map((price) => {
                const { freight, currency } = price
                const age = priceAge(price, today)
                return (
                  <tr key={price.id}>
                    <td>
                      {price.on}
                      {age > staleAfter && (
                        <>
                          <br />
                          <Small>stale</Small>
                        </>
                      )}
                    </td>
                    <td>{price.shop}</td>
                    <td>
                      {sayMoney(price.minor, currency)}
                      {price.count > 1 && ` for ${price.count}`}
                      {price.subscription > 0 && `, ${Math.round(price.subscription * 100)} % off by subscription`}
                    </td>
                    <td>
                      {[
                        freight.order > 0 && `${sayMoney(freight.order, currency)} an order`,
                        freight.pack > 0 && `${sayMoney(freight.pack, currency)} a pack`,
                        freight.least > 0 && `at least ${sayMoney(freight.least, currency)}`,
                        freight.freeFrom !== null && `free from ${sayMoney(freight.freeFrom, currency)}`,
                      ]
                        .filter(Boolean)
                        .join(', ') || 'none'}
                    </td>
                    <td>{price.extras && `${price.extras}, ${sayMoney(price.extrasMinor, currency)}`}</td>
                    <td>
                      <Form method="post">
                        <input type="hidden" name="id" value={price.id} />
                        <Button
                          type="submit"
                          name="intent"
                          value="remove"
                          $kind="quiet"
                          aria-label={`Remove the price of ${price.on}`}
                        >
                          Remove
                        </Button>
                      </Form>
                    </td>
                  </tr>
                )
              })}
            </tbody>
          </Table>
        )}
      </Card>
      <Card style={{ maxWidth: 860 }}>
        <Form method="post" {...getFormProps(form)}>
          <Stack $gap={16}>
            <h2>Add a price</h2>
            {form.errors && <Alert role="alert">{form.errors.join(' ')}</Alert>}
            <input type="hidden" name="id" value={id} />
            <Row $gap={16} style={{ alignItems: 'flex-start' }}>
              <TextBox field={fields.shop!} label="Shop" />
              <TextBox field={fields.on!} label="Day" type="date" />
            </Row>
            <Row $gap={16} style={{ alignItems: 'flex-start' }}>
              <TextBox field={fields.minor!} label="Price of a pack" inputMode="decimal" placeholder="12.50" />
              <SelectField
                field={fields.currency!}
                label="Currency"
                options={currencies.map((value) => ({ value, label: value }))}
              />
              <TextBox field={fields.count!} label="Filters in a pack" inputMode="decimal" />
              <TextBox field={fields.subscription!} label="Off by subscription, %" optional inputMode="decimal" />
            </Row>
            <Row $gap={16} style={{ alignItems: 'flex-start' }}>
              <TextBox field={fields.order!} label="Freight, an order" optional inputMode="decimal" />
              <TextBox field={fields.pack!} label="and a pack" optional inputMode="decimal" />
              <TextBox field={fields.least!} label="at least" optional inputMode="decimal" />
              <TextBox field={fields.freeFrom!} label="free from" optional inputMode="decimal" />
            </Row>
            <Row $gap={16} style={{ alignItems: 'flex-start' }}>
              <TextBox field={fields.extras!} label="Comes along" optional placeholder="drain washer" />
              <TextBox field={fields.extrasMinor!} label="worth alone, each" optional inputMode="decimal" />
            </Row>
            <div>
              <Button type="submit" $kind="primary">
                Add the price
              </Button>
            </div>
          </Stack>
        </Form>
      </Card>
    </Page>
  )
}
