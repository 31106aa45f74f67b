import { parseWithZod } from '@conform-to/zod/v4'
import { useState } from 'react'
import { Form, Link } from 'react-router'
import { styled } from 'styled-components'
import { newId } from '#app/data/id.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { addBrand, listAllProducts, listBrands, renameBrand } from '#app/data/products.server.ts'
import { listAllSpecimens } from '#app/data/specimens.server.ts'
import { formLabels, tierLabels } from '#app/features/forms/labels.ts'
import { brandSchema } from '#app/features/forms/schemas.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/library'
import { formDataOf } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Library · Plicator' }]

export async function loader() {
  const [brands, products, specimens, applications] = await Promise.all([
    listBrands(),
    listAllProducts(),
    listAllSpecimens(),
    listApplications(),
  ])
  const names = new Map(applications.map(({ id, name }) => [id, name]))
  return {
    brands,
    newBrand: newId(),
    products: products.map((product) => ({
      ...product,
      applicationName: names.get(product.application) ?? '',
      specimens: specimens.filter((specimen) => specimen.product === product.id).length,
    })),
  }
}

export async function action({ request }: Route.ActionArgs) {
  const submission = parseWithZod(await formDataOf(request), { schema: brandSchema })
  if (submission.status !== 'success') return submission.reply()
  const { id, name } = submission.value
  const taken = (await listBrands()).find((brand) => brand.name.toLowerCase() === name.toLowerCase())
  if (taken) return submission.reply({ fieldErrors: { name: ['There is a brand of this name already.'] } })
  if ((await listBrands()).some((brand) => brand.id === id)) await renameBrand(id, name)
  else await addBrand(name)
  return submission.reply({ resetForm: true })
}

const Search = styled(InputBox)`
  width: 100%;
  max-width: 420px;
`

export default function Library({ loaderData: { brands, products, newBrand }, actionData }: Route.ComponentProps) {
  const [form, fields] = useSchemaForm(brandSchema, { last: actionData, start: {} })
  const [sought, seek] = useState('')
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = products.filter(({ brand, partNumber, applicationName, tier, form: shape }) =>
    words.every((word) =>
      `${brand} ${partNumber} ${applicationName} ${tierLabels[tier]} ${formLabels[shape]}`.toLowerCase().includes(word),
    ),
  )
  return (
    <Page>
      <Row $between>
        <h1>Library</h1>
        <Row>
          <ButtonLink to="/import">Import readings</ButtonLink>
          <ButtonLink to="/export/readings.csv" reloadDocument>
            Export all readings
          </ButtonLink>
        </Row>
      </Row>
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
                {shown.map((product) => (
                  <tr key={product.id}>
                    <td>
                      <Link to={`/products/${product.id}`}>
                        {product.brand} {product.partNumber}
                      </Link>
                    </td>
                    <td>
                      <Link to={`/lineups/${product.application}`}>{product.applicationName}</Link>
                    </td>
                    <td>{formLabels[product.form]}</td>
                    <td>{tierLabels[product.tier]}</td>
                    <td>{product.revisions.length}</td>
                    <td>{product.specimens}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          )}
        </Stack>
      </Card>
      <Card>
        <Stack>
          <h2>Brands</h2>
          <p>
            {brands.length === 0 ? (
              <Soft>None yet.</Soft>
            ) : (
              brands.map(({ name, products: count }) => `${name} (${count})`).join(' · ')
            )}
          </p>
          <Form method="post" id={form.id} onSubmit={form.onSubmit} noValidate>
            <input type="hidden" name="id" value={newBrand} />
            <Row style={{ alignItems: 'flex-end' }}>
              <TextBox field={fields.name!} label="New brand" />
              <Button type="submit">Add the brand</Button>
            </Row>
          </Form>
        </Stack>
      </Card>
    </Page>
  )
}
