import { useMemo, useState } from 'react'
import { href, redirect } from 'react-router'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { previewLineup } from '#app/data/preview-lineup.server.ts'
import { newId } from '#app/data/id.ts'
import { addMethod, currentMethod, listMethods } from '#app/data/schools.server.ts'
import { MethodPreviewCard } from '#app/features/method/MethodPreviewCard.tsx'
import { parseCriterionEdits, type CriterionEdits } from '#app/features/verdict/criterion-edits.ts'
import { RuleEditor } from '#app/features/verdict/RuleEditor.tsx'
import { methodSchema } from '#app/features/verdict/school-schema.ts'
import * as texts from '#app/texts/method.ts'
import { Day } from '#app/ui/Day.tsx'
import { Card, Page, Small, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/method-edit'
import { fieldsOf, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.changeTheMethodTitle }]

export async function loader({ request }: Route.LoaderArgs) {
  const [applications, method, methods] = await Promise.all([listApplications(), currentMethod(), listMethods()])
  const asked = new URL(request.url).searchParams.get('on')
  const on = applications.find(({ id }) => id === asked) ?? applications[0]
  return {
    id: newId(),
    method,
    methods,
    applications: applications.map(({ id, name }) => ({ id, name })),
    preview: await previewLineup(on),
  }
}

export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(methodSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const { valueFunctions, weights } = await currentMethod()
  const added = await addMethod(parsed.value.id, {
    note: parsed.value.note,
    valueFunctions: { ...valueFunctions, ...parsed.value.valueFunctions },
    weights: { ...weights, ...parsed.value.weights },
  })
  return additionRefusal(added, { message: texts.thisVersionIsThereAlready }) ?? redirect(href('/method'))
}

export default function EditMethod({
  loaderData: { id, method, methods, applications, preview },
}: Route.ComponentProps) {
  const [typed, setTyped] = useState<CriterionEdits>({})
  const before = useMemo(() => effectiveCriteria(method), [method])
  const edits = useMemo(() => parseCriterionEdits(before, typed), [before, typed])
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.changeTheMethod}</h1>
        <Soft>{texts.versionIsInForceSavingMakes(method.version, method.version + 1)}</Soft>
      </Stack>
      <MethodPreviewCard
        id={id}
        method={method}
        before={before}
        edits={edits}
        applications={applications}
        preview={preview}
      />
      <Card>
        <RuleEditor before={before} typed={typed} problems={edits.problems} onType={setTyped} />
      </Card>
      <Card>
        <Stack $gap={6}>
          <h2>{texts.versions}</h2>
          {methods.map(({ version, note, createdAt }) => (
            <p key={version}>
              {version}: {note}{' '}
              <Small>
                <Day of={createdAt} />
              </Small>
            </p>
          ))}
        </Stack>
      </Card>
    </Page>
  )
}
