import { href } from 'react-router'
import { listApplications } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { addBrand, listAllProducts, listBrands } from '#app/data/products.server.ts'
import { countSpecimensByProduct } from '#app/data/specimens.server.ts'
import { brandSchema } from '#app/features/forms/product-fields.ts'
import { BrandCard } from '#app/features/library/BrandCard.tsx'
import { ProductsCard } from '#app/features/library/ProductsCard.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page, Row } from '#app/ui/layout.tsx'
import type { Route } from './+types/library'
import { accepted, fieldsOf, parseFields, refusedField } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Library · Plicator' }]

export async function loader() {
  const [brands, products, specimens, applications] = await Promise.all([
    listBrands(),
    listAllProducts(),
    countSpecimensByProduct(),
    listApplications(),
  ])
  const names = new Map(applications.map(({ id, name }) => [id, name]))
  return {
    brands,
    newBrand: newId(),
    products: products.map((product) => ({
      ...product,
      applicationName: names.get(product.applicationId) ?? '',
      specimens: specimens.get(product.id) ?? 0,
    })),
  }
}

export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(brandSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const name = parsed.value.name.toLowerCase()
  if ((await listBrands()).some((brand) => brand.name.toLowerCase() === name))
    return refusedField('name', 'There is a brand of this name already.')
  await addBrand(parsed.value.name)
  return accepted()
}

export default function Library({ loaderData: { brands, products, newBrand }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <Row $between>
        <h1>Library</h1>
        <Row>
          <ButtonLink to={href('/import')}>Import readings</ButtonLink>
          <ButtonLink to={href('/export/readings.csv')} reloadDocument>
            Export all readings
          </ButtonLink>
        </Row>
      </Row>
      <ProductsCard products={products} />
      <BrandCard brands={brands} newBrand={newBrand} result={actionData} />
    </Page>
  )
}
