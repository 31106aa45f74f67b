import { TriangleAlert } from 'lucide-react'
import { Link } from 'react-router'
import { styled } from 'styled-components'
import type { Application } from '#app/data/applications.server.ts'
import type { Product } from '#app/data/products.server.ts'
import { formLabels, tierLabels } from '#app/features/forms/labels.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Small, Soft, Stack, Unseen } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  column-gap: 32px;
`

const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 4px 16px;
  min-height: 52px;
  padding: 8px 0;
  border-bottom: 1px dotted var(--line-strong);
`

const Name = styled(Link)`
  font-weight: 600;
  text-decoration: none;
  overflow-wrap: anywhere;
  &:hover {
    text-decoration: underline;
  }
`

const Specimens = styled.div`
  display: grid;
  justify-items: end;
`

const SpecimenLink = styled(Link)`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  color: inherit;
  text-decoration: none;
  &:hover {
    text-decoration: underline;
  }
`

const Flag = styled.span`
  color: var(--red);
  display: inline-flex;
`

export interface SpecimenSummary {
  id: string
  label: string
  product: string
  revision: string
  done: number
  fault: string | undefined
}

/** One application with its products and how far each specimen is. */
export function LineupCard({
  application,
  products,
  specimens,
}: {
  application: Application
  products: Product[]
  specimens: SpecimenSummary[]
}) {
  const { id, name, machine, form, thread } = application
  return (
    <Card aria-label={name}>
      <Stack $gap={16}>
        <Row $between>
          <Stack $gap={2}>
            <h2>
              <Link to={`/lineups/${id}`}>{name}</Link>
            </h2>
            <Soft>{[machine, formLabels[form], thread].filter(Boolean).join(' · ')}</Soft>
          </Stack>
          <Row>
            <ButtonLink to={`/lineups/${id}/products/new`}>Add a product</ButtonLink>
            <ButtonLink to={`/lineups/${id}`} $kind="primary">
              Open the line-up
            </ButtonLink>
          </Row>
        </Row>
        {products.length === 0 ? (
          <Soft>No products yet. Add the filters that are sold for this engine, low, middle and top.</Soft>
        ) : (
          <List>
            {products.map((product) => (
              <Item key={product.id}>
                <div>
                  <Name to={`/products/${product.id}`}>
                    {product.brand} {product.partNumber}
                  </Name>
                  <br />
                  <Small>{tierLabels[product.tier]}</Small>
                </div>
                <Specimens>
                  {specimens
                    .filter((specimen) => specimen.product === product.id)
                    .map(({ id: specimen, label, revision, done, fault }) => (
                      <SpecimenLink key={specimen} to={`/bench/${specimen}`}>
                        <Unseen>
                          Bench: {product.brand} {product.partNumber}, specimen{' '}
                        </Unseen>
                        {fault && (
                          <Flag title={fault}>
                            <TriangleAlert size={16} aria-label={fault} />
                          </Flag>
                        )}
                        <span>
                          {label}
                          {revision && <Small> {revision}</Small>}
                        </span>
                        <Meter share={done} />
                      </SpecimenLink>
                    ))}
                  {!specimens.some((specimen) => specimen.product === product.id) && (
                    <Link to={`/products/${product.id}/specimens/new`}>Put one on the bench</Link>
                  )}
                </Specimens>
              </Item>
            ))}
          </List>
        )}
      </Stack>
    </Card>
  )
}
