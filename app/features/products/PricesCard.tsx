import { href } from 'react-router'
import type { Price } from '#core/money/landed.ts'
import type { Product } from '#app/data/products.server.ts'
import { PriceTable } from '#app/features/prices/PriceTable.tsx'
import * as texts from '#app/texts/products.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Stack } from '#app/ui/layout.tsx'
import { PriceHistory } from './PriceHistory.tsx'

interface Props {
  product: Product
  prices: Price[]
  today: string
}

/** What was asked for a product, and how that moved. */
export function PricesCard({ product: { id, applicationId, revisions }, prices, today }: Props) {
  return (
    <Card>
      <Stack $gap={10}>
        <Row $between>
          <h2>{texts.prices}</h2>
          <Row $gap={8}>
            <ButtonLink
              to={`${href('/lineups/:application/price-list', { application: applicationId })}?product=${id}`}
            >
              {texts.typePricesInALine}
            </ButtonLink>
            <ButtonLink to={href('/products/:product/prices', { product: id })}>{texts.addAPrice}</ButtonLink>
          </Row>
        </Row>
        <PriceHistory prices={prices} />
        <PriceTable
          prices={prices}
          revisions={revisions}
          today={today}
          action={href('/products/:product/prices', { product: id })}
        />
      </Stack>
    </Card>
  )
}
