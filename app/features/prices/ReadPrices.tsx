import { formatMoney, toMinor } from '#core/money/currency.ts'
import type { PriceLine, ReadPrice } from '#core/money/read-prices.ts'
import { formatCount } from '#core/quantity/format.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  lines: readonly PriceLine[]
  shop: string
  currency: string
}

/** What a pasted list became, line by line; what could not be read stands in amber. */
export const ReadPrices = ({ lines, shop, currency }: Props) => (
  <Table aria-label="What it became">
    <thead>
      <tr>
        <th scope="col">Line</th>
        <th scope="col">Product</th>
        <th scope="col">Read as</th>
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
              : 'no product of this line-up'}
          </td>
          <td>
            {product && prices.length === 0 && 'no amount: this line is left away'}
            {!product && 'this line is left away'}
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
    `${said(price.amount)}${price.packSize > 1 ? ` for ${formatCount(price.packSize, 'filter')}` : ''}`,
    price.shop || shop || 'no shop yet',
    price.freight > 0 ? `freight ${said(price.freight)}` : 'no freight',
    price.freeFrom !== null && `free from ${said(price.freeFrom)}`,
    price.subscription > 0 && `${Math.round(price.subscription * 100)} % off by subscription`,
  ]
    .filter(Boolean)
    .join(' · ')
}
