import { parseWithZod } from '@conform-to/zod/v4'
import { Form, redirect } from 'react-router'
import { findApplication, removeApplication, saveApplication } from '#app/data/applications.server.ts'
import { ApplicationForm } from '#app/features/forms/ApplicationForm.tsx'
import { applicationFields, applicationSchema } from '#app/features/forms/schemas.ts'
import { Button } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineup-edit'
import { formDataOf, found } from './http.server.ts'

export const loader = async ({ params }: Route.LoaderArgs) => ({
  application: found(await findApplication(params.lineup), 'This application'),
})

export async function action({ request, params }: Route.ActionArgs) {
  found(await findApplication(params.lineup), 'This application')
  const body = await formDataOf(request)
  body.set('id', params.lineup)
  const submission = parseWithZod(body, { schema: applicationSchema })
  if (body.get('intent') === 'remove') {
    if ((await removeApplication(params.lineup)) === 'in-use')
      return submission.reply({
        formErrors: ['It has products. Remove them first, so that no reading is lost by accident.'],
      })
    return redirect('/')
  }
  if (submission.status !== 'success') return submission.reply()
  if ((await saveApplication(applicationFields(submission.value))) === 'name-taken') {
    return submission.reply({ fieldErrors: { name: ['There is an application of this name already.'] } })
  }
  return redirect(`/lineups/${params.lineup}`)
}

export default function EditLineup({ loaderData: { application }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>{application.name}</h1>
      <ApplicationForm
        id={application.id}
        application={application}
        last={actionData}
        back={`/lineups/${application.id}`}
      />
      <Form method="post">
        <Button type="submit" name="intent" value="remove" $kind="danger">
          Remove this application
        </Button>
      </Form>
    </Page>
  )
}
