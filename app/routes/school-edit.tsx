import { useMemo, useState } from 'react'
import { href, redirect } from 'react-router'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { previewLineup } from '#app/data/preview-lineup.server.ts'
import { changeSchool, currentMethod, listSchools, removeSchool } from '#app/data/schools.server.ts'
import { SchoolForm } from '#app/features/method/SchoolForm.tsx'
import { parseCriterionEdits, type CriterionEdits } from '#app/features/verdict/criterion-edits.ts'
import { RuleEditor } from '#app/features/verdict/RuleEditor.tsx'
import { schoolDifferences, schoolSchema } from '#app/features/verdict/school-schema.ts'
import { SchoolEffectCard } from '#app/features/verdict/SchoolEffectCard.tsx'
import * as texts from '#app/texts/schools.ts'
import { Card, Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/school-edit'
import { fieldsOf, found, parseFields, refused } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'
import { addTypedSchool, schoolNameTaken } from './school-saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.aSchoolTitle }]

export async function loader({ request, params }: Route.LoaderArgs) {
  const [schools, method, applications] = await Promise.all([listSchools(), currentMethod(), listApplications()])
  const isNew = params.school === 'new'
  const asked = isNew ? (new URL(request.url).searchParams.get('of') ?? 'build') : params.school
  const school = found(
    schools.find(({ id, builtIn }) => id === asked && (isNew || !builtIn)),
    texts.thisSchool,
  )
  return { id: isNew ? newId() : school.id, isNew, school, method, preview: await previewLineup(applications[0]) }
}

export async function action({ request, params }: Route.ActionArgs) {
  if (params.school === 'new') return addTypedSchool(request)
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    await removeSchool(String(typed.id))
    return redirect(href('/schools'))
  }
  const parsed = parseFields(schoolSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const changed = await changeSchool({ ...parsed.value, id: params.school }, seenVersion(typed))
  const current = (await listSchools()).find(({ id }) => id === params.school)
  if (!current) return refused(texts.thisSchoolIsNotHereAny)
  const meanwhile = { version: current.version ?? 0, values: schoolDifferences(current, parsed.value) }
  return changeRefusal(changed, schoolNameTaken, meanwhile) ?? redirect(href('/schools'))
}

/** Without those that were taken back. */
const definedOf = (all: Record<string, number | undefined>): Record<string, number> =>
  Object.fromEntries(Object.entries(all).flatMap(([key, points]) => (points === undefined ? [] : [[key, points]])))

export default function EditSchool({ loaderData }: Route.ComponentProps) {
  const { id, isNew, school, method, preview } = loaderData
  const [typed, setTyped] = useState<CriterionEdits>({})
  const before = useMemo(() => effectiveCriteria(method, school), [method, school])
  const edits = useMemo(() => parseCriterionEdits(before, typed), [before, typed])
  const changed = useMemo(
    () => ({
      ...school,
      name: isNew ? texts.myWay(school.name) : school.name,
      weights: { ...school.weights, ...edits.weights },
      valueFunctions: { ...school.valueFunctions, ...edits.valueFunctions },
      mustHaves: definedOf({ ...school.mustHaves, ...edits.mustHaves }),
    }),
    [isNew, school, edits],
  )
  return (
    <Page>
      <h1>{isNew ? texts.aSchoolAfter(school.name) : school.name}</h1>
      <SchoolForm
        id={id}
        isNew={isNew}
        version={isNew ? undefined : school.version}
        school={changed}
        isValid={Object.keys(edits.problems).length === 0}
      />
      <SchoolEffectCard
        preview={preview}
        name={school.name}
        before={before}
        after={effectiveCriteria(method, changed)}
      />
      <Card>
        <RuleEditor before={before} typed={typed} problems={edits.problems} onType={setTyped} mustHaves />
      </Card>
    </Page>
  )
}
