import { getFormProps } from '@conform-to/react'
import { Form, href, Link } from 'react-router'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { scoreSpecimen } from '#core/score/score-specimen.ts'
import { assessSpecimens } from '#app/data/assessments.server.ts'
import { newId } from '#app/data/id.ts'
import { addRevision, findProduct, saveMaker, type Product } from '#app/data/products.server.ts'
import { findReviewer } from '#app/data/reviewer.server.ts'
import { addQuickReadings } from '#app/data/quick-readings.server.ts'
import { methodFor } from '#app/data/size-class.ts'
import { methodInForce } from '#app/data/schools.server.ts'
import { listSpecimensOf } from '#app/data/specimens.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import { makerSchema, revisionSchema } from '#app/features/forms/product-fields.ts'
import { quickLineSchema } from '#app/features/forms/quick-line-fields.ts'
import { useProduct } from '#app/features/forms/useProduct.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { MakerForm } from '#app/features/products/MakerForm.tsx'
import { ProductQuickLine } from '#app/features/products/ProductQuickLine.tsx'
import { SpecimenTable } from '#app/features/products/SpecimenTable.tsx'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/product'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const specimens = await listSpecimensOf(params.product)
  const [assessed, method, { topEnd }] = await Promise.all([
    assessSpecimens(specimens),
    methodInForce(specimens[0]?.demo ?? 0),
    findReviewer(),
  ])
  return {
    newRevision: newId(),
    topEnd,
    specimens: assessed.map(({ specimen, assessment }) => {
      const criteria = effectiveCriteria(methodFor(method, { specimen, assessment }))
      const { value, fatalFaults } = scoreSpecimen(specimen.form, assessment, criteria)
      return {
        ...specimen,
        completeness: assessment.completeness,
        score: value,
        fatalFault: fatalFaults[0]?.description,
      }
    }),
  }
}

export async function action({ request, params }: Route.ActionArgs) {
  const product = found(await findProduct(params.product), 'This product')
  const { id: productId } = product
  const typed = await fieldsOf(request)
  if (typed.intent === 'quick') return takeLine(product, typed)
  if (typed.intent === 'maker') {
    const maker = parseFields(makerSchema, typed)
    if (!maker.ok) return maker.refusal
    const isKept = await saveMaker(productId, maker.value)
    return isKept ? accepted() : refused('This revision is not here any more.')
  }
  const parsed = parseFields(revisionSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const added = await addRevision({ ...parsed.value, productId })
  return additionRefusal(added, { field: 'label', message: 'This revision is there already.' }) ?? accepted()
}

async function takeLine({ id, form, revisions }: Product, typed: Record<string, unknown>) {
  const parsed = parseFields(quickLineSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { id: act, specimen: specimenId, readings } = parsed.value
  const specimen = (await listSpecimensOf(id)).find((one) => one.id === specimenId)
  if (specimenId !== '' && !specimen) return refused('This specimen is not here any more. Choose another.')
  const revisionId = specimen?.revisionId ?? revisions.at(-1)?.id
  if (revisionId === undefined) return refused('This product has no revision any more.')
  const added = await addQuickReadings(act, { form, specimenId: specimen?.id, revisionId }, readings)
  if (!added.ok) return refused(added.problem.message)
  return additionRefusal(added.value, { message: 'These readings are there already.' }) ?? accepted()
}

export default function ProductPage({
  loaderData: { specimens, newRevision, topEnd },
  actionData,
}: Route.ComponentProps) {
  const { product, application } = useProduct()
  const [form, fields] = useSchemaForm(revisionSchema, { result: actionData, values: {} })
  return (
    <Page>
      <Row $between>
        <Stack $gap={4}>
          <h1>
            {product.brand} {product.partNumber}
          </h1>
          <Soft>
            {product.nickname && `“${product.nickname}” · `}
            {filterFormLabels[product.form]} · {tierLabels[product.tier]} · for{' '}
            <Link to={href('/lineups/:application', { application: application.id })}>{application.name}</Link>
          </Soft>
        </Stack>
        <Row>
          <ButtonLink to={href('/products/:product/edit', { product: product.id })}>Edit</ButtonLink>
          <ButtonLink to={href('/products/:product/specimens/new', { product: product.id })} $kind="primary">
            New specimen
          </ButtonLink>
        </Row>
      </Row>
      <Card>
        <ProductQuickLine form={product.form} specimens={specimens} lineup={application.id} topEnd={topEnd} />
      </Card>
      <Card>
        <h2>Specimens</h2>
        <SpecimenTable specimens={specimens} />
      </Card>
      <Card>
        <Stack $gap={16}>
          <h2>Revisions</h2>
          <Soft>
            The same part number can change maker, country, suffix or insides. Each revision is its own column in the
            line-up.
          </Soft>
          {product.revisions.map((revision) => (
            <MakerForm key={`${revision.id} ${revision.maker} ${revision.makerEvidence}`} revision={revision} />
          ))}
          <Soft>Who made it is kept with how it is known, and counts in no score.</Soft>
          <Form method="post" {...getFormProps(form)}>
            <input type="hidden" name="id" value={newRevision} />
            <Row style={{ alignItems: 'flex-end' }}>
              <TextBox field={fields.label} label="New revision" placeholder="suffix, country or date code" />
              <Button type="submit">Add</Button>
            </Row>
          </Form>
        </Stack>
      </Card>
    </Page>
  )
}
