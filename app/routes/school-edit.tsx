import { useMemo, useState } from 'react'
import { data, redirect, useFetcher } from 'react-router'
import { schemeOf } from '#core/score/scheme.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { judgedLineup, type JudgedLineup } from '#app/data/judged.server.ts'
import { currentMethod, listSchools, removeSchool, saveSchool } from '#app/data/schools.server.ts'
import { Effect } from '#app/features/verdict/Effect.tsx'
import { readChanges, RuleEditor, type Typed } from '#app/features/verdict/RuleEditor.tsx'
import { schoolSchema } from '#app/features/verdict/school-schema.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { Fault } from '#app/ui/fields.tsx'
import { AreaBox, InputBox } from '#app/ui/inputs.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/school-edit'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'A school · Plicator' }]

export async function loader({ request, params }: Route.LoaderArgs) {
  const [schools, method, applications] = await Promise.all([listSchools(), currentMethod(), listApplications()])
  const isNew = params.school === 'new'
  const of = isNew ? (new URL(request.url).searchParams.get('of') ?? 'build') : params.school
  const school = found(
    schools.find(({ id, builtIn }) => id === of && (isNew || !builtIn)),
    'This school',
  )
  const on = applications[0]
  return {
    id: isNew ? newId() : school.id,
    isNew,
    school,
    method,
    on: on && {
      name: on.name,
      form: on.form,
      judged: JSON.stringify(await judgedLineup(on, new Date().toISOString().slice(0, 10))),
    },
  }
}

export async function action({ request }: Route.ActionArgs) {
  const form = await formDataOf(request)
  if (form.get('intent') === 'remove') {
    await removeSchool(String(form.get('id')))
    return redirect('/schools')
  }
  const parsed = schoolSchema.safeParse(Object.fromEntries(form))
  if (!parsed.success) return data({ fault: parsed.error.issues[0]!.message }, { status: 422 })
  if ((await saveSchool(parsed.data)) === 'name-taken')
    return data({ fault: 'Another school has this name.' }, { status: 422 })
  return redirect('/schools')
}

export default function EditSchool({ loaderData: { id, isNew, school, method, on } }: Route.ComponentProps) {
  const [name, setName] = useState(isNew ? `${school.name}, my way` : school.name)
  const [says, setSays] = useState(school.says)
  const [typed, setTyped] = useState<Typed>({})
  const fetcher = useFetcher<{ fault: string }>()
  const before = useMemo(() => schemeOf(method, school), [method, school])
  const changes = useMemo(() => readChanges(before, typed), [before, typed])
  const [weights, rules] = [
    { ...school.weights, ...changes.weights },
    { ...school.rules, ...changes.rules },
  ]
  const after = useMemo(
    () =>
      schemeOf(method, {
        ...school,
        weights: { ...school.weights, ...changes.weights },
        rules: { ...school.rules, ...changes.rules },
      }),
    [method, school, changes],
  )
  const lineup = useMemo(() => on && (JSON.parse(on.judged) as JudgedLineup), [on])
  return (
    <Page>
      <h1>{isNew ? `A school after ${school.name}` : school.name}</h1>
      <Card>
        <Stack $gap={14}>
          <Stack $gap={4}>
            <label htmlFor="school-name">Name</label>
            <InputBox id="school-name" value={name} onChange={(event) => setName(event.target.value)} maxLength={60} />
          </Stack>
          <Stack $gap={4}>
            <label htmlFor="school-says">What it holds, in two sentences with the reason</label>
            <AreaBox
              id="school-says"
              value={says}
              onChange={(event) => setSays(event.target.value)}
              maxLength={400}
              rows={3}
            />
          </Stack>
          <Fault role="alert">{fetcher.data?.fault}</Fault>
          <Row>
            <Button
              $kind="primary"
              isDisabled={Object.keys(changes.faults).length > 0}
              onPress={() =>
                void fetcher.submit(
                  { id, name, says, weights: JSON.stringify(weights), rules: JSON.stringify(rules) },
                  { method: 'post' },
                )
              }
            >
              Save the school
            </Button>
            <ButtonLink to="/schools" $kind="quiet">
              Back
            </ButtonLink>
            {!isNew && (
              <Button $kind="danger" onPress={() => void fetcher.submit({ intent: 'remove', id }, { method: 'post' })}>
                Remove it
              </Button>
            )}
          </Row>
        </Stack>
      </Card>
      {on && lineup && (
        <Card>
          <Stack $gap={10}>
            <h2>What it would do to {on.name}</h2>
            <Soft>Against {school.name} as it stands.</Soft>
            <Effect form={on.form} lineup={lineup} before={before} after={after} />
          </Stack>
        </Card>
      )}
      <Card>
        <RuleEditor before={before} typed={typed} faults={changes.faults} onType={setTyped} />
      </Card>
    </Page>
  )
}
