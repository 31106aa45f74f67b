import { href, Link } from 'react-router'
import type { Product } from '#app/data/products.server.ts'
import * as texts from '#app/texts/line-up.ts'
import { Small } from '#app/ui/layout.tsx'
import { useLineup } from './useLineup.ts'

/** Products of which no specimen was opened yet. */
export function WaitingProducts({ products }: { products: Product[] }) {
  const { columns } = useLineup().evaluation
  const waiting = products.filter(({ id }) => !columns.some(({ productId }) => productId === id))
  if (waiting.length === 0) return null
  return (
    <Small data-print="no">
      {texts.noSpecimenYetLead}{' '}
      {waiting.map(({ id, brand, partNumber }, index) => (
        <span key={id}>
          {index > 0 && ', '}
          <Link to={href('/products/:product', { product: id })}>
            {brand} {partNumber}
          </Link>
        </span>
      ))}
    </Small>
  )
}
