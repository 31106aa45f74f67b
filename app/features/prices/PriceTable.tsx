import { Form } from 'react-router'
import { formatMoney } from '#core/money/currency.ts'
import { priceAge, staleAfter, type Price } from '#core/money/landed.ts'
import { revisionName } from '#app/data/column-name.ts'
import type { Revision } from '#app/data/products.server.ts'
import { Button } from '#app/ui/Button.tsx'
import { Small, Soft } from '#app/ui/layout.tsx'
import { Day } from '#app/ui/Day.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  prices: Price[]
  revisions: readonly Revision[]
  today: string
  /** Where a price is removed, when the page is another. */
  action?: string
}

/** Every price that was read for a product, latest first. */
export function PriceTable({ prices, revisions, today, action }: Props) {
  if (prices.length === 0)
    return (
      <Soft>
        Prices will stand here by day and shop, with what each comes to when it has arrived: add the first one below.
      </Soft>
    )
  return (
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
        {prices.map((price) => (
          <PriceRow
            key={price.id}
            price={price}
            revision={revisions.find(({ id }) => id === price.revisionId)?.label}
            isStale={priceAge(price, today) > staleAfter}
            action={action}
          />
        ))}
      </tbody>
    </Table>
  )
}

interface RowProps {
  price: Price
  /** The only one that it is of, where there is one. */
  revision: string | undefined
  isStale: boolean
  action: string | undefined
}

function PriceRow({ price, revision, isStale, action }: RowProps) {
  const { currency } = price
  return (
    <tr>
      <td>
        <Day of={price.observedOn} />
        {isStale && (
          <>
            <br />
            <Small>stale</Small>
          </>
        )}
        {revision !== undefined && (
          <>
            <br />
            <Small>{revisionName(revision)}</Small>
          </>
        )}
      </td>
      <td>
        {price.shop}
        {price.isShopPrivate === 1 && (
          <>
            <br />
            <Small>stays with you</Small>
          </>
        )}
      </td>
      <td>
        {formatMoney(price.amountMinor, currency)}
        {price.packSize > 1 && ` for ${price.packSize}${packWords[price.packContent ?? '']}`}
        {price.subscription > 0 && `, ${Math.round(price.subscription * 100)} % off by subscription`}
      </td>
      <td>{freightText(price)}</td>
      <td>{price.extras && `${price.extras}, ${formatMoney(price.extrasMinor, currency)}`}</td>
      <td>
        <Form method="post" action={action} navigate={action === undefined}>
          <input type="hidden" name="id" value={price.id} />
          <Button
            type="submit"
            name="intent"
            value="remove"
            $kind="quiet"
            aria-label={`Remove the price of ${price.observedOn}`}
          >
            Remove
          </Button>
        </Form>
      </td>
    </tr>
  )
}

const packWords = {
  '': ', not looked whether the pack holds the same',
  same: ', the same as the single box',
  differs: ', the pack differs: it counts for nothing here',
}

function freightText({ freight, currency }: Price): string {
  const said = [
    freight.order > 0 && `${formatMoney(freight.order, currency)} an order`,
    freight.pack > 0 && `${formatMoney(freight.pack, currency)} a pack`,
    freight.least > 0 && `at least ${formatMoney(freight.least, currency)}`,
    freight.freeFrom !== null && `free from ${formatMoney(freight.freeFrom, currency)}`,
  ]
  return said.filter(Boolean).join(', ') || 'none'
}
