import { useMemo, useState } from 'react'
import { data, redirect, useFetcher, useSearchParams } from 'react-router'
import { schemeOf } from '#core/score/scheme.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { judgedLineup, type JudgedLineup } from '#app/data/judged.server.ts'
import { addMethod, currentMethod, listMethods } from '#app/data/schools.server.ts'
import { Effect } from '#app/features/verdict/Effect.tsx'
import { readChanges, RuleEditor, type Typed } from '#app/features/verdict/RuleEditor.tsx'
import { methodSchema } from '#app/features/verdict/school-schema.ts'
import { Button } from '#app/ui/Button.tsx'
import { Fault } from '#app/ui/fields.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, Pick } from '#app/ui/Pick.tsx'
import type { Route } from './+types/method-edit'
import { formDataOf } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Change the method · Plicator' }]

export async function loader({ request }: Route.LoaderArgs) {
  const applications = await listApplications()
  const asked = new URL(request.url).searchParams.get('on')
  const on = applications.find(({ id }) => id === asked) ?? applications[0]
  return {
    methods: await listMethods(),
    applications: applications.map(({ id, name }) => ({ id, name })),
    on: on && {
      id: on.id,
      form: on.form,
      judged: JSON.stringify(await judgedLineup(on, new Date().toISOString().slice(0, 10))),
    },
  }
}

export async function action({ request }: Route.ActionArgs) {
  const parsed = methodSchema.safeParse(Object.fromEntries(await formDataOf(request)))
  if (!parsed.success) return data({ fault: parsed.error.issues[0]!.message }, { status: 422 })
  const { rules, weights } = await currentMethod()
  await addMethod({
    note: parsed.data.note,
    rules: { ...rules, ...parsed.data.rules },
    weights: { ...weights, ...parsed.data.weights },
  })
  return redirect('/method')
}

export default function EditMethod({ loaderData: { methods, applications, on } }: Route.ComponentProps) {
  const method = methods[0]!
  const [typed, setTyped] = useState<Typed>({})
  const [note, setNote] = useState('')
  const [, setSearch] = useSearchParams()
  const fetcher = useFetcher<{ fault: string }>()
  const before = useMemo(() => schemeOf(method), [method])
  const { weights, rules, faults } = useMemo(() => readChanges(before, typed), [before, typed])
  const after = useMemo(
    () => schemeOf({ ...method, weights: { ...method.weights, ...weights }, rules: { ...method.rules, ...rules } }),
    [method, weights, rules],
  )
  const lineup = useMemo(() => on && (JSON.parse(on.judged) as JudgedLineup), [on])
  const count = new Set([...Object.keys(weights), ...Object.keys(rules)]).size
  return (
    <Page>
      <Stack $gap={4}>
        <h1>Change the method</h1>
        <Soft>
          Version {method.version} is in force. Saving makes version {method.version + 1}; earlier ones are kept, and a
          published verdict names its own.
        </Soft>
      </Stack>
      {on && lineup && (
        <Card>
          <Stack $gap={10}>
            <Row $between>
              <h2>What it would do</h2>
              <Pick
                name="Seen on"
                value={on.id}
                options={namedOptions(applications)}
                onPick={(id) => setSearch({ on: id }, { preventScrollReset: true })}
              />
            </Row>
            <Small role="status">
              {count === 0 ? 'Nothing is changed yet.' : `${count} ${count === 1 ? 'criterion' : 'criteria'} changed.`}
            </Small>
            <Effect form={on.form} lineup={lineup} before={before} after={after} />
            <Row>
              <InputBox
                aria-label="What was changed, and why"
                placeholder="What was changed, and why"
                value={note}
                onChange={(event) => setNote(event.target.value)}
                maxLength={200}
                style={{ flex: 1, minWidth: 240 }}
              />
              <Button
                $kind="primary"
                isDisabled={count === 0 || Object.keys(faults).length > 0}
                onPress={() =>
                  void fetcher.submit(
                    { note, weights: JSON.stringify(weights), rules: JSON.stringify(rules) },
                    { method: 'post' },
                  )
                }
              >
                Save as version {method.version + 1}
              </Button>
            </Row>
            <Fault role="alert">{fetcher.data?.fault}</Fault>
          </Stack>
        </Card>
      )}
      <Card>
        <RuleEditor before={before} typed={typed} faults={faults} onType={setTyped} />
      </Card>
      <Card>
        <Stack $gap={6}>
          <h2>Versions</h2>
          {methods.map(({ version, note: words, at }) => (
            <p key={version}>
              {version}: {words} <Small>{at.slice(0, 10)}</Small>
            </p>
          ))}
        </Stack>
      </Card>
    </Page>
  )
}
