import { href } from 'react-router'
import { productsAtOnce, searchProducts } from '#app/data/library.server.ts'
import { newId } from '#app/data/id.ts'
import { askedPage } from '#app/data/page-of-list.ts'
import { addBrand, listBrands } from '#app/data/products.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import { brandSchema } from '#app/features/forms/product-fields.ts'
import { BrandCard } from '#app/features/library/BrandCard.tsx'
import { ProductsCard } from '#app/features/library/ProductsCard.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page, Row } from '#app/ui/layout.tsx'
import type { Route } from './+types/library'
import { accepted, fieldsOf, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Library · Plicator' }]

const longestSearch = 200

export async function loader({ request }: Route.LoaderArgs) {
  const { searchParams } = new URL(request.url)
  const sought = searchParams.get('q')?.slice(0, longestSearch) ?? ''
  const page = askedPage(searchParams)
  const [brands, found] = await Promise.all([
    listBrands(),
    searchProducts(sought, page, { tiers: tierLabels, forms: filterFormLabels }),
  ])
  return { brands, newBrand: newId(), page, size: productsAtOnce, ...found }
}

export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(brandSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const added = await addBrand(parsed.value.id, parsed.value.name)
  return additionRefusal(added, { field: 'name', message: 'There is a brand of this name already.' }) ?? accepted()
}

export default function Library({ loaderData, actionData }: Route.ComponentProps) {
  const { brands, products, newBrand, ...pages } = loaderData
  return (
    <Page>
      <Row $between>
        <h1>Library</h1>
        <Row>
          <ButtonLink to={href('/reviewer')}>The reviewer</ButtonLink>
          <ButtonLink to={href('/backups')}>Backups</ButtonLink>
          <ButtonLink to={href('/import')}>Import readings</ButtonLink>
          <ButtonLink to={href('/export/readings.csv')} reloadDocument>
            Export all readings
          </ButtonLink>
        </Row>
      </Row>
      <ProductsCard products={products} pages={pages} />
      <BrandCard brands={brands} newBrand={newBrand} result={actionData} />
    </Page>
  )
}
