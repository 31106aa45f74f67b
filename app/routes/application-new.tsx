import { href, redirect } from 'react-router'
import { addApplication } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { applicationFields, applicationSchema, newApplicationValues } from '#app/features/forms/application-fields.ts'
import { ApplicationForm } from '#app/features/forms/ApplicationForm.tsx'
import * as texts from '#app/texts/engine.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/application-new'
import { fieldsOf, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.newEngineTitle }]

export const loader = () => ({ id: newId() })

export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  const parsed = parseFields(applicationSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const application = applicationFields(parsed.value, typed)
  const taken = { field: 'name', message: texts.thereIsAnEngineOfThis }
  const refusal = additionRefusal(await addApplication(application), taken)
  return refusal ?? redirect(href('/lineups/:application', { application: application.id }))
}

export default function NewApplication({ loaderData: { id }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>{texts.newEngine}</h1>
      <ApplicationForm id={id} values={newApplicationValues} result={actionData} back={href('/')} />
    </Page>
  )
}
