import { useEffect, useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { ListedProduct } from '#app/data/library.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Pages, type PageOfList } from '#app/ui/Pages.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useAddress } from '#app/ui/useAddress.ts'

const Search = styled(InputBox)`
  width: 100%;
  max-width: 420px;
`

/** So long typing may pause before it is searched for, in milliseconds. */
const pause = 200

/** The products of the library, a page at a time, to search. */
export function ProductsCard({ products, pages }: { products: ListedProduct[]; pages: PageOfList }) {
  const { get, set } = useAddress()
  const asked = get('q') ?? ''
  const [sought, seek] = useState(asked)
  useEffect(() => {
    if (sought === asked) return undefined
    const timer = setTimeout(() => set({ q: sought, page: '' }), pause)
    return () => clearTimeout(timer)
  }, [sought, asked, set])
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
        {products.length === 0 ? (
          <Soft>{asked === '' ? 'No products yet.' : 'Nothing fits these words.'}</Soft>
        ) : (
          <ProductTable products={products} />
        )}
        <Pages {...pages} noun="product" />
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
