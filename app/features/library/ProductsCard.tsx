import { useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { Product } from '#app/data/products.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

const Search = styled(InputBox)`
  width: 100%;
  max-width: 420px;
`

interface ListedProduct extends Product {
  applicationName: string
  specimens: number
}

/** Products whose brand, number, engine, tier or form has all of the words. */
function soughtProducts(products: ListedProduct[], sought: string): ListedProduct[] {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
  return products.filter(({ brand, partNumber, applicationName, tier, form }) => {
    const text = [brand, partNumber, applicationName, tierLabels[tier], filterFormLabels[form]].join(' ').toLowerCase()
    return words.every((word) => text.includes(word))
  })
}

/** Every product of the library, to search. */
export function ProductsCard({ products }: { products: ListedProduct[] }) {
  const [sought, seek] = useState('')
  const shown = soughtProducts(products, sought)
  return (
    <Card>
      <Stack>
        <Row $between>
          <h2>Products</h2>
          <label htmlFor="search">
            <Small>Search </Small>
            <Search
              id="search"
              type="search"
              value={sought}
              onChange={(event) => seek(event.target.value)}
              placeholder="brand, number, engine"
            />
          </label>
        </Row>
        {shown.length === 0 ? (
          <Soft>{products.length === 0 ? 'No products yet.' : 'Nothing fits these words.'}</Soft>
        ) : (
          <ProductTable products={shown} />
        )}
      </Stack>
    </Card>
  )
}

function ProductTable({ products }: { products: ListedProduct[] }) {
  return (
    <Table>
      <thead>
        <tr>
          <th>Product</th>
          <th>Application</th>
          <th>Form</th>
          <th>Tier</th>
          <th>Revisions</th>
          <th>Specimens</th>
        </tr>
      </thead>
      <tbody>
        {products.map(({ id, brand, partNumber, applicationId, applicationName, form, tier, revisions, specimens }) => (
          <tr key={id}>
            <td>
              <Link to={href('/products/:product', { product: id })}>
                {brand} {partNumber}
              </Link>
            </td>
            <td>
              <Link to={href('/lineups/:application', { application: applicationId })}>{applicationName}</Link>
            </td>
            <td>{filterFormLabels[form]}</td>
            <td>{tierLabels[tier]}</td>
            <td>{revisions.length}</td>
            <td>{specimens}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
