import { useMemo } from 'react'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { judge, type Judgement } from '#core/verdict/judgement.ts'
import { newerRevision } from '#core/verdict/revision-age.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import type { Verdict } from '#app/data/verdicts.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Day } from '#app/ui/Day.tsx'
import { Button } from '#app/ui/Button.tsx'
import { Caution, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { ReasonList } from './list.ts'
import { changesSince } from '#core/verdict/published-changes.ts'
import type { EvaluationView } from './useEvaluation.ts'

/** Published verdicts as they were, with what has changed since. */
export function Published({ published, judged }: { published: Verdict[]; judged: EvaluationView }) {
  const judgements = useJudgementsNow(published, judged)
  if (published.length === 0) return <Soft>{texts.whatYouPublishWillStandHere}</Soft>
  return (
    <Stack $gap={18}>
      {published.map((verdict) => (
        <PublishedVerdict
          key={verdict.id}
          verdict={verdict}
          judgement={judgements.get(verdict.id)}
          nameOf={judged.nameOf}
        />
      ))}
    </Stack>
  )
}

/**
 * The line-up as it is now, judged by the school and for the driver of each verdict: in the browser alone, and once,
 * since it takes a while.
 */
function useJudgementsNow(published: Verdict[], { school }: EvaluationView): ReadonlyMap<string, Judgement> {
  const { application, evaluation } = useLineup()
  const isAlive = useInBrowser(() => true, false)
  return useMemo(() => {
    const { columns, rows, method, schools, drivers } = evaluation
    return new Map(
      (isAlive ? published : []).map(({ id, schoolId, driverId }) => {
        const by = schools.find((one) => one.id === schoolId) ?? school
        const driver = drivers.find((one) => one.id === driverId)
        const criteria = effectiveCriteria(method, by, driver?.rules)
        return [id, judge(evaluateRevisions(application.form, columns, rows, criteria))]
      }),
    )
  }, [isAlive, published, school, application.form, evaluation])
}

interface Props {
  verdict: Verdict
  /** As it would be given now; undefined until that is known. */
  judgement: Judgement | undefined
  nameOf: (id: string) => string
}

function PublishedVerdict({ verdict, judgement, nameOf }: Props) {
  const { method, columns } = useLineup().evaluation
  const { send } = useAction()
  const { id, snapshot, words, conditions, overruleColumn, overruleReason } = verdict
  const day = verdict.publishedAt?.slice(0, 10) ?? ''
  const changes =
    snapshot && judgement
      ? changesSince(snapshot, judgement, method.version, nameOf, (of) => newerRevision(columns, of)?.id)
      : []
  return (
    <Stack $gap={6} as="section" aria-label={texts.publishedOfDay(day)}>
      <h3>
        <Day of={verdict.publishedAt ?? ''} />:{' '}
        {overruleColumn
          ? texts.byTheReviewer(nameOf(overruleColumn))
          : (snapshot?.call ?? (snapshot?.winners.join(' and ') || texts.nobodyWasJudged))}
      </h3>
      <Small>
        {snapshot?.school}
        {texts.forMethod(snapshot?.driver || texts.anybody)} {snapshot?.method}
        {snapshot?.sizeClass && texts.judgedAs(snapshot.sizeClass.toLowerCase())}
      </Small>
      {overruleColumn && <p>{texts.overruledOfOverruleReason(overruleReason)}</p>}
      {words && <p style={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{words}</p>}
      {snapshot?.interest && <p>{snapshot.interest}</p>}
      {conditions && <p>{texts.itHoldsUnder(conditions)}</p>}
      {snapshot?.sentences.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <Small>
        {snapshot?.ranking.map(({ name, value }, rank) => `${rank + 1} ${name} ${Math.round(value)}`).join(' · ')}
      </Small>
      {(snapshot?.contradictions ?? []).length > 0 && (
        <Small>
          {texts.seenAndPublishedAllTheSame} {snapshot?.contradictions?.join(' ')}
        </Small>
      )}
      {snapshot?.ranking.some((one) => one.judgedOn) && (
        <details>
          <summary style={{ minHeight: 32, cursor: 'pointer' }}>{texts.whatEachWasJudgedOn}</summary>
          <ReasonList>
            {snapshot.ranking.map(({ column, name, judgedOn, disclosure, notLookedAt = [] }) => (
              <li key={column}>
                {name}: {[judgedOn, disclosure].filter(Boolean).join('; ')}.
                {notLookedAt.length > 0 && texts.notLookedAt(formatNotLookedAt(notLookedAt))}
              </li>
            ))}
          </ReasonList>
        </details>
      )}
      {changes.length > 0 ? (
        <Caution>{texts.sinceThen(changes.join(' '))}</Caution>
      ) : (
        judgement && <Small>{texts.nothingHasChangedItSince}</Small>
      )}
      <Row data-print="no">
        <Button
          $kind="quiet"
          onPress={() => send({ intent: 'withdraw', id })}
          aria-label={texts.withdrawTheVerdictOf(day)}
        >
          {texts.withdraw}
        </Button>
      </Row>
    </Stack>
  )
}

/** So many are named; the rest is counted. */
const named = 8

function formatNotLookedAt(labels: readonly string[]): string {
  const said = labels.slice(0, named).map((label) => label.toLowerCase())
  return labels.length > named ? texts.andMoreOfSaid(said.join(', '), labels.length - named) : said.join(', ')
}
