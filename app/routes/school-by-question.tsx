import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { swingParts, weightsBySwing } from '#core/score/swing-weights.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { previewLineup } from '#app/data/preview-lineup.server.ts'
import { currentMethod, listSchools } from '#app/data/schools.server.ts'
import { SchoolForm } from '#app/features/method/SchoolForm.tsx'
import { readAnswers, writeAnswers, type SwingAnswers } from '#app/features/method/swing-address.ts'
import { SwingQuestions } from '#app/features/method/SwingQuestions.tsx'
import { SwingChecks, SwingTable } from '#app/features/method/SwingResult.tsx'
import { SchoolEffectCard } from '#app/features/verdict/SchoolEffectCard.tsx'
import * as texts from '#app/texts/schools.ts'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/school-by-question'
import { found } from './http.server.ts'
import { whenAddressNames } from './revalidation.ts'
import { addTypedSchool } from './school-saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.weightsByQuestionTitle }]

export async function loader({ request }: Route.LoaderArgs) {
  const [schools, method, applications] = await Promise.all([listSchools(), currentMethod(), listApplications()])
  const asked = new URL(request.url).searchParams.get('of') ?? 'build'
  const school = found(
    schools.find(({ id }) => id === asked),
    texts.thisSchool,
  )
  return { id: newId(), school, method, preview: await previewLineup(applications[0]) }
}

/** Only another school to begin from asks the server; answers are kept in the address alone. */
export const shouldRevalidate = whenAddressNames('of')

export const action = ({ request }: Route.ActionArgs) => addTypedSchool(request)

export default function SchoolByQuestion({ loaderData: { id, school, method, preview } }: Route.ComponentProps) {
  const [search, setSearch] = useSearchParams()
  const before = useMemo(() => effectiveCriteria(method, school), [method, school])
  const parts = useMemo(() => swingParts(before, effectiveCriteria(method)), [method, before])
  const answers = readAnswers((name) => search.get(name), parts)
  const { swings, isDone, checks } = answers
  const weights = useMemo(() => weightsBySwing(parts, swings, before), [parts, swings, before])
  const answer = (changes: Partial<SwingAnswers>) =>
    setSearch(
      (now) => new URLSearchParams({ of: now.get('of') ?? 'build', ...writeAnswers({ ...answers, ...changes }) }),
      { preventScrollReset: true },
    )
  const made = {
    ...school,
    name: texts.weighedByQuestion,
    description: texts.houseRulesAfterWeighedPartBy(school.name),
    weights,
  }
  const left = parts.filter(({ part }) => !swings.some((one) => one.part === part))
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.weightsByQuestion}</h1>
        <Soft>{texts.aFewQuestionsMakeASchool(school.name)}</Soft>
      </Stack>
      {swings.length > 0 && (
        <Card>
          <SwingTable
            swings={swings}
            onRemove={({ part }) =>
              answer({ swings: swings.filter((one) => one.part !== part), isDone: false, checks: [] })
            }
          />
        </Card>
      )}
      <Card>
        {isDone ? (
          <SwingChecks
            swings={swings}
            checks={checks}
            onCheck={(check) =>
              answer({
                checks: [...checks.filter((one) => one.part !== check.part || one.against !== check.against), check],
              })
            }
          />
        ) : (
          <SwingQuestions
            left={left}
            swings={swings}
            onAnswer={(swing) => answer({ swings: [...swings, swing] })}
            onDone={() => answer({ isDone: true })}
          />
        )}
      </Card>
      {isDone && (
        <>
          <SchoolEffectCard
            preview={preview}
            name={school.name}
            before={before}
            after={effectiveCriteria(method, made)}
          />
          <SchoolForm id={id} isNew version={undefined} school={made} isValid />
        </>
      )}
    </Page>
  )
}
