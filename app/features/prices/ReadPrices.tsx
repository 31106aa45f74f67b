import { formatMoney, toMinor } from '#core/money/currency.ts'
import type { PriceLine, ReadPrice } from '#core/money/read-prices.ts'
import * as texts from '#app/texts/prices.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  lines: readonly PriceLine[]
  shop: string
  currency: string
}

/** What a pasted list became, line by line; what could not be read stands in amber. */
export const ReadPrices = ({ lines, shop, currency }: Props) => (
  <Table aria-label={texts.whatItBecame}>
    <thead>
      <tr>
        <th scope="col">{texts.line}</th>
        <th scope="col">{texts.product}</th>
        <th scope="col">{texts.readAs}</th>
      </tr>
    </thead>
    <tbody>
      {lines.map(({ words, product, revision, prices }, at) => (
        <tr
          key={`${at} ${words}`}
          style={
            prices.length === 0 || prices.some(({ doubt }) => doubt) ? { background: 'var(--amber-soft)' } : undefined
          }
        >
          <td>{words}</td>
          <td>
            {product
              ? [`${product.brand} ${product.partNumber}`, revision?.label].filter(Boolean).join(' · ')
              : texts.noProductOfThisLineUp}
          </td>
          <td>
            {product && prices.length === 0 && texts.noAmountThisLineIsLeft}
            {!product && texts.thisLineIsLeftAway}
            {prices.map((price, index) => (
              <div key={index}>
                {formatRead(price, shop, currency)}
                {price.doubt && <Small> {price.doubt}</Small>}
              </div>
            ))}
          </td>
        </tr>
      ))}
    </tbody>
  </Table>
)

function formatRead(price: ReadPrice, shop: string, usual: string): string {
  const currency = price.currency ?? usual
  const said = (amount: number) => formatMoney(Math.round(toMinor(amount, currency)), currency)
  return [
    `${said(price.amount)}${price.packSize > 1 ? texts.forFilters(price.packSize) : ''}`,
    price.shop || shop || texts.noShopYet,
    price.freight > 0 ? texts.freightOfSaid(said(price.freight)) : texts.noFreight,
    price.freeFrom !== null && texts.freeFromOfSaid(said(price.freeFrom)),
    price.subscription > 0 && texts.offBySubscriptionOfValue(Math.round(price.subscription * 100)),
  ]
    .filter(Boolean)
    .join(' · ')
}
