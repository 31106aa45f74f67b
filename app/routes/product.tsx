import { parseWithZod } from '@conform-to/zod/v4'
import { data, Form, Link } from 'react-router'
import { findApplication } from '#app/data/applications.server.ts'
import { assessSpecimens } from '#app/data/assessments.server.ts'
import { newId } from '#app/data/id.ts'
import { findProduct, saveRevision } from '#app/data/products.server.ts'
import { listSpecimensOf } from '#app/data/specimens.server.ts'
import { formLabels, tierLabels } from '#app/features/forms/labels.ts'
import { revisionSchema } from '#app/features/forms/schemas.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Meter } from '#app/ui/Meter.tsx'
import { sayMoney } from '#app/ui/money.ts'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/product'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData ? `${loaderData.product.brand} ${loaderData.product.partNumber}` : 'Product'} · Plicator` },
]

export async function loader({ params }: Route.LoaderArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const application = found(await findApplication(product.application), 'This application')
  const assessed = await assessSpecimens(await listSpecimensOf(product.id))
  return {
    product,
    application,
    newRevision: newId(),
    specimens: assessed.map(({ specimen, assessment: { done, score } }) => ({
      ...specimen,
      done,
      score: score.value,
      fault: score.vetoes[0]?.because,
    })),
  }
}

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const submission = parseWithZod(await formDataOf(request), { schema: revisionSchema })
  if (submission.status !== 'success') return submission.reply()
  if ((await saveRevision({ ...submission.value, product: product.id })) === 'exists')
    return data(submission.reply({ fieldErrors: { label: ['This revision is there already.'] } }))
  return submission.reply({ resetForm: true })
}

export default function ProductPage({
  loaderData: { product, application, specimens, newRevision },
  actionData,
}: Route.ComponentProps) {
  const [form, fields] = useSchemaForm(revisionSchema, { last: actionData, start: {} })
  return (
    <Page>
      <Row $between>
        <Stack $gap={4}>
          <h1>
            {product.brand} {product.partNumber}
          </h1>
          <Soft>
            {formLabels[product.form]} · {tierLabels[product.tier]} · for{' '}
            <Link to={`/lineups/${application.id}`}>{application.name}</Link>
          </Soft>
        </Stack>
        <Row>
          <ButtonLink to={`/products/${product.id}/edit`}>Edit</ButtonLink>
          <ButtonLink to={`/products/${product.id}/specimens/new`} $kind="primary">
            New specimen
          </ButtonLink>
        </Row>
      </Row>
      <Card>
        <h2>Specimens</h2>
        {specimens.length === 0 ? (
          <Soft>None yet. Buy one, write a letter on it, and put it on the bench.</Soft>
        ) : (
          <Table>
            <thead>
              <tr>
                <th>Specimen</th>
                <th>Revision</th>
                <th>How got</th>
                <th>Recorded</th>
                <th>Construction</th>
                <th>Change</th>
              </tr>
            </thead>
            <tbody>
              {specimens.map((specimen) => (
                <tr key={specimen.id}>
                  <td>
                    <Link to={`/bench/${specimen.id}`}>{specimen.label}</Link>
                  </td>
                  <td>{specimen.revisionLabel || 'First'}</td>
                  <td>
                    {specimen.got === 'given'
                      ? `Given by ${specimen.givenBy}`
                      : ['Bought', specimen.shop && `at ${specimen.shop}`].filter(Boolean).join(' ')}
                    {specimen.paidMinor !== null && `, ${sayMoney(specimen.paidMinor, specimen.currency)}`}
                  </td>
                  <td>
                    <Meter share={specimen.done} />
                  </td>
                  <td>
                    {specimen.score === undefined ? (
                      '–'
                    ) : (
                      <Link to={`/specimens/${specimen.id}/score`}>{Math.round(specimen.score)} of 100</Link>
                    )}
                    {specimen.fault && (
                      <>
                        <br />
                        <Small>{specimen.fault}</Small>
                      </>
                    )}
                  </td>
                  <td>
                    <Link to={`/specimens/${specimen.id}/edit`}>Edit</Link>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
      </Card>
      <Card>
        <Stack $gap={16}>
          <h2>Revisions</h2>
          <Soft>
            The same part number can change maker, country, suffix or insides. Each revision is its own column in the
            line-up.
          </Soft>
          <p>{product.revisions.map(({ label }) => label || 'First').join(' · ')}</p>
          <Form method="post" id={form.id} onSubmit={form.onSubmit} noValidate>
            <input type="hidden" name="id" value={newRevision} />
            <Row style={{ alignItems: 'flex-end' }}>
              <TextBox field={fields.label!} label="New revision" placeholder="suffix, country or date code" />
              <Button type="submit">Add</Button>
            </Row>
          </Form>
        </Stack>
      </Card>
    </Page>
  )
}
