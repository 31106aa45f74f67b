import { href, Link } from 'react-router'
import type { Product } from '#app/data/products.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import * as texts from '#app/texts/products.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { Row, Soft, Stack } from '#app/ui/layout.tsx'

interface Props {
  product: Product
  application: { id: string; name: string }
  onEdit: () => void
}

/** What a product is, and the engine that it is for. */
export function ProductHead({ product, application, onEdit }: Props) {
  return (
    <Row $between>
      <Stack $gap={4}>
        <h1>
          {product.brand} {product.partNumber}
        </h1>
        <Soft>
          {texts.forLabel(
            product.nickname && `“${product.nickname}” · `,
            filterFormLabels[product.form],
            tierLabels[product.tier],
          )}{' '}
          <Link to={href('/lineups/:application', { application: application.id })}>{application.name}</Link>
        </Soft>
      </Stack>
      <Row>
        <Button onPress={onEdit}>{texts.edit}</Button>
        <ButtonLink to={href('/products/:product/edit', { product: product.id })} $kind="quiet">
          {texts.remove}
        </ButtonLink>
        <ButtonLink to={href('/products/:product/specimens/new', { product: product.id })} $kind="primary">
          {texts.newSpecimen}
        </ButtonLink>
      </Row>
    </Row>
  )
}
