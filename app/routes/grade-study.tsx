import { useCallback, useEffect, useMemo } from 'react'
import { href, Link, useNavigate } from 'react-router'
import { shuffled } from '#core/teardown/gauge-study-plan.ts'
import { fewestGradePairs } from '#core/teardown/grade-study.ts'
import { addGradeStudy, listGradeQuestions } from '#app/data/grade-studies.server.ts'
import { newId } from '#app/data/id.ts'
import { gradeDraftSchema, gradeStudySchema, type GradeDraft } from '#app/features/forms/study-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { GradeAgain } from '#app/features/instruments/GradeAgain.tsx'
import * as texts from '#app/texts/hand-studies.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { useKept } from '#app/ui/useKept.ts'
import type { Route } from './+types/grade-study'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.howSteadyAreYourGradesTitle }]

export const loader = async () => ({ questions: shuffled(await listGradeQuestions(), Math.random) })

/** The questions stay in their order while they are answered. */
export const shouldRevalidate = () => false

export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(gradeStudySchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const added = await addGradeStudy(parsed.value.id, new Map(parsed.value.again))
  if (added === 'nothing') return refused(texts.theGradesThatWereGivenFirst)
  return additionRefusal(added, { message: texts.theseGradesAreThereAlready }) ?? accepted()
}

const parseDraft = (kept: unknown): GradeDraft | undefined => gradeDraftSchema.safeParse(kept).data

export default function GradeStudy({ loaderData: { questions } }: Route.ComponentProps) {
  const [kept, keep] = useKept('plicator-grade-study', parseDraft)
  const draft = useMemo(() => kept ?? { id: newId(), again: [] }, [kept])
  const { send, refusal, isIdle, isTaken } = useAction()
  const navigate = useNavigate()
  const drop = useCallback(() => keep(undefined), [keep])
  useEffect(() => {
    if (!isTaken) return
    drop()
    void navigate(href('/instruments'))
  }, [isTaken, navigate, drop])
  const { again } = draft
  const left = questions.filter(({ readingId }) => !again.some(([id]) => id === readingId))
  const [next] = left
  const given = texts.grades(again.length)
  return (
    <Page>
      <Stack $gap={4}>
        <Link to={href('/instruments')}>{texts.instruments}</Link>
        <h1>{texts.howSteadyAreYourGrades}</h1>
        <Soft>{texts.gradePartsAgainFromTheirPictures(fewestGradePairs)}</Soft>
      </Stack>
      <Card>
        <Stack $gap={14}>
          {next ? (
            <GradeAgain
              key={next.readingId}
              question={next}
              onGrade={(grade) => keep({ ...draft, again: [...again, [next.readingId, grade]] })}
            />
          ) : (
            <p>{questions.length === 0 ? texts.noPartThatWasGradedHas : texts.thatIsAllThereIsA}</p>
          )}
          <ErrorText role="alert">{refusal}</ErrorText>
          {again.length > 0 && (
            <Row>
              <Button
                $kind={next ? 'plain' : 'primary'}
                isDisabled={!isIdle || isTaken}
                onPress={() => send({ id: draft.id, again: JSON.stringify(again) })}
              >
                {texts.keep(given)}
              </Button>
              <Button onPress={() => keep({ ...draft, again: again.slice(0, -1) })}>{texts.takeTheLastOneBack}</Button>
              <Button $kind="quiet" onPress={drop}>
                {texts.giveThisStudyUp}
              </Button>
            </Row>
          )}
        </Stack>
      </Card>
    </Page>
  )
}
