import { TriangleAlert } from 'lucide-react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { Application } from '#app/data/applications.server.ts'
import type { Glance } from '#app/data/glance.server.ts'
import type { Product } from '#app/data/products.server.ts'
import type { SpecimenSummary } from '#app/data/summaries.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import { ScoreAxis } from './ScoreAxis.tsx'
import * as texts from '#app/texts/today.ts'
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

interface Props {
  application: Application
  products: Product[]
  specimens: SpecimenSummary[]
  /** Undefined while it is worked out. */
  glance: Glance | undefined
}

/** One application at a glance, with its products and how far each specimen is. */
export function LineupCard({ application, products, specimens, glance }: Props) {
  const { id, name, machine, form, thread, demo } = application
  return (
    <Card aria-label={name}>
      <Stack $gap={16}>
        <Row $between>
          <Stack $gap={2}>
            <h2>
              <Link to={href('/lineups/:application', { application: id })}>{name}</Link>
            </h2>
            <Soft>{[machine, filterFormLabels[form], thread, demo === 1 && 'demo'].filter(Boolean).join(' · ')}</Soft>
          </Stack>
          <Row>
            <ButtonLink to={href('/lineups/:application/products/new', { application: id })}>
              {texts.addAProduct}
            </ButtonLink>
            <ButtonLink to={href('/lineups/:application', { application: id })} $kind="primary">
              {texts.openTheLineUp}
            </ButtonLink>
          </Row>
        </Row>
        {products.length === 0 ? (
          <Soft>{texts.noProductsYetAddTheFilters}</Soft>
        ) : (
          <>
            {specimens.length > 0 && (
              <Stack $gap={4}>
                <ScoreAxis points={glance?.points ?? []} />
                <p>{glance ? glance.said || texts.nobodyIsJudgedYetItTakes : texts.whoIsFirstIsBeingWorked}</p>
              </Stack>
            )}
            <details open={specimens.length === 0}>
              <summary>{texts.productsSpecimens(products.length, specimens.length)}</summary>
              <List>
                {products.map((product) => (
                  <ProductItem
                    key={product.id}
                    product={product}
                    specimens={specimens.filter(({ productId }) => productId === product.id)}
                  />
                ))}
              </List>
            </details>
          </>
        )}
      </Stack>
    </Card>
  )
}

function ProductItem({ product, specimens }: { product: Product; specimens: SpecimenSummary[] }) {
  const { id, brand, partNumber, tier } = product
  return (
    <Item>
      <div>
        <Name to={href('/products/:product', { product: id })}>
          {brand} {partNumber}
        </Name>
        <br />
        <Small>{tierLabels[tier]}</Small>
      </div>
      <Specimens>
        {specimens.map(({ id: specimen, label, revision, completeness, fatalFault }) => (
          <SpecimenLink key={specimen} to={href('/bench/:specimen', { specimen })}>
            <Unseen>{`${texts.benchSpecimen(brand, partNumber)} `}</Unseen>
            {fatalFault && (
              <Flag title={fatalFault}>
                <TriangleAlert size={16} aria-label={fatalFault} />
              </Flag>
            )}
            <span>
              {label}
              {revision && <Small> {revision}</Small>}
            </span>
            <Meter share={completeness} />
          </SpecimenLink>
        ))}
        {specimens.length === 0 && (
          <Link to={href('/products/:product/specimens/new', { product: id })}>{texts.putOneOnTheBench}</Link>
        )}
      </Specimens>
    </Item>
  )
}
