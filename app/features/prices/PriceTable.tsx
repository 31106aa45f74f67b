import { Form } from 'react-router'
import { formatMoney } from '#core/money/currency.ts'
import { priceAge, staleAfter, type Price } from '#core/money/landed.ts'
import { revisionName } from '#app/data/column-name.ts'
import type { Revision } from '#app/data/products.server.ts'
import * as texts from '#app/texts/prices.ts'
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
  if (prices.length === 0) return <Soft>{texts.pricesWillStandHereByDay}</Soft>
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">{texts.day}</th>
          <th scope="col">{texts.shop}</th>
          <th scope="col">{texts.price}</th>
          <th scope="col">{texts.freight}</th>
          <th scope="col">{texts.comesAlong}</th>
          <th scope="col">{texts.remove}</th>
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
            <Small>{texts.stale}</Small>
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
            <Small>{texts.staysWithYou}</Small>
          </>
        )}
      </td>
      <td>
        {formatMoney(price.amountMinor, currency)}
        {price.packSize > 1 && texts.forLabel(price.packSize, packWords[price.packContent ?? ''])}
        {price.subscription > 0 && texts.offBySubscription(Math.round(price.subscription * 100))}
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
            aria-label={texts.removeThePriceOf(price.observedOn)}
          >
            {texts.remove}
          </Button>
        </Form>
      </td>
    </tr>
  )
}

const packWords = {
  '': texts.notLookedWhetherThePackHolds,
  same: texts.theSameAsTheSingleBox,
  differs: texts.thePackDiffersItCountsFor,
}

function freightText({ freight, currency }: Price): string {
  const said = [
    freight.order > 0 && texts.anOrder(formatMoney(freight.order, currency)),
    freight.pack > 0 && texts.aPack(formatMoney(freight.pack, currency)),
    freight.least > 0 && texts.atLeast(formatMoney(freight.least, currency)),
    freight.freeFrom !== null && texts.freeFromOfMoney(formatMoney(freight.freeFrom, currency)),
  ]
  return said.filter(Boolean).join(', ') || 'none'
}
