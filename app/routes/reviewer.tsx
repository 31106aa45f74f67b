import { getFormProps } from '@conform-to/react'
import { Form } from 'react-router'
import { interests } from '#core/verdict/interest.ts'
import { changeReviewer, findReviewer } from '#app/data/reviewer.server.ts'
import { reviewerSchema } from '#app/features/forms/reviewer-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { VersionedFields } from '#app/features/forms/VersionedFields.tsx'
import { Button } from '#app/ui/Button.tsx'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/reviewer'
import { accepted, fieldsOf, parseFields } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'The reviewer · Plicator' }]

export const loader = async () => ({ reviewer: await findReviewer() })

export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  const parsed = parseFields(reviewerSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const changed = await changeReviewer({ ...parsed.value, version: seenVersion(typed) })
  const { version, ...values } = await findReviewer()
  return changeRefusal(changed, { message: '' }, { version, values }) ?? accepted()
}

export default function ReviewerPage({ loaderData: { reviewer }, actionData }: Route.ComponentProps) {
  const { version, ...values } = reviewer
  const [form, fields] = useSchemaForm(reviewerSchema, { result: actionData, values })
  return (
    <Page>
      <Stack $gap={4}>
        <h1>The reviewer</h1>
        <Soft>Who judges, and what may be gained by it: it is said with every verdict and every word published.</Soft>
      </Stack>
      <Card style={{ maxWidth: 760 }}>
        <Form method="post" {...getFormProps(form)} key={version}>
          <Stack $gap={18}>
            <VersionedFields form={form} id="reviewer" version={version} result={actionData}>
              <ChoiceBox
                field={fields.interest}
                label="Interest"
                options={[
                  { value: '', label: 'Not said' },
                  ...interests.map(({ key, label }) => ({ value: key, label })),
                ]}
                hint="Samples given or lent are disclosed by themselves, product by product."
              />
              <TextBox
                field={fields.interestNote}
                label="With whom"
                optional
                placeholder="the parts counter at the quay"
              />
              <ChoiceBox
                field={fields.topEnd}
                label="Which end do you call the top?"
                options={[
                  { value: '', label: 'Not said' },
                  { value: 'thread', label: 'The thread end' },
                  { value: 'dome', label: 'The dome end' },
                ]}
                hint="Two people mean opposite ends by it. “Top” and “bottom” are read by your answer when you type them."
              />
            </VersionedFields>
            <Row>
              <Button type="submit" $kind="primary">
                Save
              </Button>
              <Small role="status">{actionData?.ok && 'Saved.'}</Small>
            </Row>
          </Stack>
        </Form>
      </Card>
    </Page>
  )
}
