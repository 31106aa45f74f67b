import { useMemo } from 'react'
import { styled } from 'styled-components'
import { scoreContributions, type Contribution } from '#core/verdict/contributions.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import { runnerUp } from '#core/verdict/snapshot.ts'
import type { Verdict } from '#app/data/verdicts.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { AvoidList } from './AvoidList.tsx'
import { ContributionItem } from './ContributionItem.tsx'
import { ReasonList } from './list.ts'
import { Picks } from './Picks.tsx'
import { SchoolBar } from './SchoolBar.tsx'
import type { EvaluationView } from './useEvaluation.ts'

const Winner = styled.p`
  font: 600 40px/1.1 var(--label);
  overflow-wrap: anywhere;
`

interface Props {
  judged: EvaluationView
  draft: Verdict | undefined
}

/** Who wins by the school, for the driver, and why. */
export function HeadlineCard({ judged, draft }: Props) {
  const { evaluation } = useLineup()
  const { units: system } = usePreferences()
  const { ranked, nameOf, query } = judged
  const [leader, next] = [ranked[0], runnerUp(ranked)]
  const contributions = useMemo(
    () => (leader && next ? scoreContributions(leader, next, evaluation.rows, system) : []),
    [leader, next, evaluation, system],
  )
  return (
    <Card>
      <Stack $gap={16}>
        <SchoolBar judged={judged} />
        {leader ? (
          <>
            <Headline judged={judged} draft={draft} />
            {next && (
              <Reasons leader={leader} next={next} contributions={contributions} nameOf={nameOf} query={query} />
            )}
          </>
        ) : (
          <p>Nobody is ranked yet: it takes a product of which three quarters of the weight are known.</p>
        )}
        <Picks judged={judged} />
        <AvoidList judged={judged} />
      </Stack>
    </Card>
  )
}

function Headline({ judged: { leaders, nameOf }, draft }: Props) {
  const byFigures = leaders.map(({ id }) => nameOf(id)).join(' and ')
  const overruled = draft?.overruleColumn ? nameOf(draft.overruleColumn) : undefined
  const isTie = leaders.length > 1
  return (
    <div role="status">
      <Soft>{overruled ? 'Put first by the reviewer' : isTie ? 'A tie, too close to call' : 'Winner'}</Soft>
      <Winner>{overruled ?? byFigures}</Winner>
      {overruled && (
        <p>
          Overruled: {draft?.overruleReason} <Small>By the figures it is {byFigures}.</Small>
        </p>
      )}
      {isTie && <Small>Their scores differ by less than their uncertainty, or by less than a point.</Small>}
    </div>
  )
}

/** So many reasons on either side are shown. */
const mostReasons = { for: 5, against: 3 }

interface ReasonsProps {
  leader: EvaluatedRevision
  next: EvaluatedRevision
  contributions: Contribution[]
  nameOf: (id: string) => string
  query: string
}

function Reasons({ leader, next, contributions, nameOf, query }: ReasonsProps) {
  const gains = contributions.filter(({ gain }) => gain > 0).slice(0, mostReasons.for)
  const losses = contributions
    .filter(({ gain }) => gain < 0)
    .reverse()
    .slice(0, mostReasons.against)
  const scored = ({ id, score }: EvaluatedRevision) => `${nameOf(id)} (${Math.round(score.value ?? 0)})`
  const list = (those: Contribution[]) => (
    <ReasonList>
      {those.map((one) => (
        <ContributionItem key={one.criterion.key} contribution={one} query={query} />
      ))}
    </ReasonList>
  )
  return (
    <div>
      <p>
        Before {scored(next)} stands {scored(leader)} by:
      </p>
      {list(gains)}
      {losses.length > 0 && (
        <>
          <p>and behind it by:</p>
          {list(losses)}
        </>
      )}
    </div>
  )
}
