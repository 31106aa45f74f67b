import { extent } from 'simple-statistics'
import { styled } from 'styled-components'
import { daysBetween } from '#core/calendar.ts'
import { groupBy } from '#core/group-by.ts'
import { formatMoney } from '#core/money/currency.ts'
import type { Price } from '#core/money/landed.ts'
import * as texts from '#app/texts/products.ts'

const size = { width: 420, height: 120, margin: 12 }

const Picture = styled.svg`
  display: block;
  width: 100%;
  max-width: 520px;
  text {
    fill: var(--ink-soft);
    font: 500 13px var(--label);
  }
  path {
    fill: none;
    stroke: var(--green);
    stroke-width: 1.5;
    stroke-dasharray: 3 3;
  }
  circle {
    fill: var(--green);
  }
  line {
    stroke: var(--line-strong);
  }
`

const eachOf = ({ amountMinor, packSize }: Price): number => amountMinor / packSize

/** What one filter was asked for over time, shop by shop, in the currency in which most prices are. */
export function PriceHistory({ prices }: { prices: readonly Price[] }) {
  const currency = mostUsed(prices)
  const own = prices
    .filter((price) => price.currency === currency && price.packContent !== 'differs')
    .sort((a, b) => a.observedOn.localeCompare(b.observedOn))
  const [first, last] = [own[0], own.at(-1)]
  if (!first || !last || first.observedOn === last.observedOn) return null
  const days = daysBetween(first.observedOn, last.observedOn)
  const [low, high] = extent(own.map(eachOf))
  const x = ({ observedOn }: Price) =>
    size.margin + (daysBetween(first.observedOn, observedOn) / days) * (size.width - 2 * size.margin)
  const y = (price: Price) =>
    size.height - 30 - ((eachOf(price) - low) / Math.max(1, high - low)) * (size.height - 30 - 26)
  const money = (minor: number) => formatMoney(Math.round(minor), currency)
  const byShop = groupBy(own, ({ shop }) => shop)
  const words = texts.askedForOneFromToTo(money(low), money(high), first.observedOn, last.observedOn)
  return (
    <Picture viewBox={`0 0 ${size.width} ${size.height}`} role="img" aria-label={words}>
      {[...byShop].map(([shop, those]) => (
        <path key={shop} d={those.map((price, at) => `${at === 0 ? 'M' : 'L'}${x(price)} ${y(price)}`).join('')} />
      ))}
      {own.map((price) => (
        <circle key={price.id} cx={x(price)} cy={y(price)} r="4">
          <title>{texts.each(price.observedOn, price.shop, money(eachOf(price)))}</title>
        </circle>
      ))}
      <line x1="0" x2={size.width} y1={size.height - 18} y2={size.height - 18} />
      <text x="0" y={size.height - 3}>
        {first.observedOn}
      </text>
      <text x={size.width} y={size.height - 3} textAnchor="end">
        {last.observedOn}
      </text>
      <text x="0" y="12">
        {low === high ? money(low) : texts.toEach(money(low), money(high))}
      </text>
    </Picture>
  )
}

function mostUsed(prices: readonly Price[]): string {
  const counted = [...groupBy(prices, ({ currency }) => currency)].sort(([, a], [, b]) => b.length - a.length)
  return counted[0]?.[0] ?? ''
}
