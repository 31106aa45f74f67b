import { parseWithZod } from '@conform-to/zod/v4'
import { redirect } from 'react-router'
import { saveApplication } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { ApplicationForm } from '#app/features/forms/ApplicationForm.tsx'
import { applicationFields, applicationSchema } from '#app/features/forms/schemas.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineup-new'
import { formDataOf } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'New application · Plicator' }]

export const loader = () => ({ id: newId() })

export async function action({ request }: Route.ActionArgs) {
  const submission = parseWithZod(await formDataOf(request), { schema: applicationSchema })
  if (submission.status !== 'success') return submission.reply()
  if ((await saveApplication(applicationFields(submission.value))) === 'name-taken') {
    return submission.reply({ fieldErrors: { name: ['There is an application of this name already.'] } })
  }
  return redirect(`/lineups/${submission.value.id}`)
}

export default function NewLineup({ loaderData, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>New application</h1>
      <ApplicationForm id={loaderData.id} last={actionData} back="/" />
    </Page>
  )
}
