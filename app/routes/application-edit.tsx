import { href, redirect } from 'react-router'
import { changeApplication, findApplication, removeApplication } from '#app/data/applications.server.ts'
import { applicationFields, applicationSchema, applicationValues } from '#app/features/forms/application-fields.ts'
import { ApplicationForm } from '#app/features/forms/ApplicationForm.tsx'
import { RemoveForm } from '#app/features/forms/RemoveForm.tsx'
import * as texts from '#app/texts/engine.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/application-edit'
import { fieldsOf, found, parseFields, refused } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: texts.editTitle(loaderData?.application.name ?? texts.anEngine) },
]

export const loader = async ({ params }: Route.LoaderArgs) => ({
  application: found(await findApplication(params.application), texts.thisEngine),
})

export async function action({ request, params }: Route.ActionArgs) {
  const { id } = found(await findApplication(params.application), texts.thisEngine)
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    if ((await removeApplication(id)) === 'removed') return redirect(href('/'))
    return refused(texts.itHasProductsRemoveThemFirst)
  }
  const parsed = parseFields(applicationSchema, { ...typed, id })
  if (!parsed.ok) return parsed.refusal
  const changed = await changeApplication(applicationFields(parsed.value, typed), seenVersion(typed))
  const current = found(await findApplication(id), texts.thisEngine)
  const taken = { field: 'name', message: texts.thereIsAnEngineOfThis }
  const refusal = changeRefusal(changed, taken, { version: current.version, values: applicationValues(current) })
  return refusal ?? redirect(href('/lineups/:application', { application: id }))
}

export default function EditApplication({ loaderData: { application }, actionData }: Route.ComponentProps) {
  return (
    <Page>
      <h1>{application.name}</h1>
      <ApplicationForm
        id={application.id}
        version={application.version}
        values={applicationValues(application)}
        result={actionData}
        back={href('/lineups/:application', { application: application.id })}
      />
      <RemoveForm label={texts.removeThisEngine} />
    </Page>
  )
}
