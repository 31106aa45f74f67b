import { getFormProps } from '@conform-to/react'
import { Form } from 'react-router'
import { interests } from '#core/verdict/interest.ts'
import { changeReviewer, findReviewer } from '#app/data/reviewer.server.ts'
import { reviewerSchema } from '#app/features/forms/reviewer-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { VersionedFields } from '#app/features/forms/VersionedFields.tsx'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/reviewer'
import { accepted, fieldsOf, parseFields } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.theReviewerTitle }]

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
        <h1>{texts.theReviewer}</h1>
        <Soft>{texts.whoJudgesAndWhatMayBe}</Soft>
      </Stack>
      <Card style={{ maxWidth: 760 }}>
        <Form method="post" {...getFormProps(form)} key={version}>
          <Stack $gap={18}>
            <VersionedFields form={form} id="reviewer" version={version} result={actionData}>
              <ChoiceBox
                field={fields.interest}
                label={texts.interest}
                options={[
                  { value: '', label: texts.notSaid },
                  ...interests.map(({ key, label }) => ({ value: key, label })),
                ]}
                hint={texts.samplesGivenOrLentAreDisclosed}
              />
              <TextBox
                field={fields.interestNote}
                label={texts.withWhom}
                optional
                placeholder={texts.thePartsCounterAtTheQuay}
              />
              <ChoiceBox
                field={fields.topEnd}
                label={texts.whichEndDoYouCallThe}
                options={[
                  { value: '', label: texts.notSaid },
                  { value: 'thread', label: texts.theThreadEnd },
                  { value: 'dome', label: texts.theDomeEnd },
                ]}
                hint={texts.twoPeopleMeanOppositeEndsBy}
              />
            </VersionedFields>
            <Row>
              <Button type="submit" $kind="primary">
                {texts.save}
              </Button>
              <Small role="status">{actionData?.ok && texts.saved}</Small>
            </Row>
          </Stack>
        </Form>
      </Card>
    </Page>
  )
}
