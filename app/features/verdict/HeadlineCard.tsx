import { useMemo } from 'react'
import { styled } from 'styled-components'
import { scoreContributions, type Contribution } from '#core/verdict/contributions.ts'
import { formatCall, formatChance, type Call } from '#core/verdict/call.ts'
import type { JudgedRevision } from '#core/verdict/judgement.ts'
import { formatCount } from '#core/quantity/format.ts'
import { formatList } from '#core/quantity/format-list.ts'
import type { Verdict } from '#app/data/verdicts.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { AvailabilityLine } from './AvailabilityLine.tsx'
import { AvoidList } from './AvoidList.tsx'
import { ContributionItem } from './ContributionItem.tsx'
import { GroundLine } from './GroundLine.tsx'
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

/** Who wins by the school, for the driver, how sure that is, and why. */
export function HeadlineCard({ judged, draft }: Props) {
  const { evaluation } = useLineup()
  const { units: system } = usePreferences()
  const { ranked, nameOf, query } = judged
  const [leader, next] = ranked
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
            <AvailabilityLine judged={judged} />
            <GroundLine judged={judged} />
            {next && (
              <Reasons leader={leader} next={next} contributions={contributions} nameOf={nameOf} query={query} />
            )}
          </>
        ) : (
          <p>Nobody is judged yet: one reading of a product that fits is enough to begin with.</p>
        )}
        <Picks judged={judged} />
        <AvoidList judged={judged} />
      </Stack>
    </Card>
  )
}

const wordLabels: Record<Call['word'], string> = {
  wins: 'Wins',
  leads: 'Leads',
  close: 'Too close to call',
  alone: 'The only one that is judged',
}

function Headline({ judged: { call, isSettled, nameOf }, draft }: Props) {
  if (!call) return null
  const byFigures = formatList(
    call.named.map(({ id, chance }) => (call.word === 'alone' ? nameOf(id) : `${nameOf(id)} ${formatChance(chance)}`)),
    'conjunction',
  )
  const overruled = draft?.overruleColumn ? nameOf(draft.overruleColumn) : undefined
  return (
    <div role="status" aria-label="Headline" aria-busy={!isSettled}>
      <Soft>{overruled ? 'Put first by the reviewer' : wordLabels[call.word]}</Soft>
      <Winner>{overruled ?? byFigures}</Winner>
      {overruled && (
        <p>
          Overruled: {draft?.overruleReason} <Small>{formatCall(call, nameOf)}</Small>
        </p>
      )}
      {!overruled && call.word !== 'alone' && <Small>{whatTheChanceSays(call, nameOf)}</Small>}
    </div>
  )
}

/** What the percentage means, for a reader who knows no statistics. */
function whatTheChanceSays({ word, named, behind }: Call, nameOf: (id: string) => string): string {
  const [first] = named
  const name = first ? nameOf(first.id) : ''
  const others = behind.length > 0 ? ` ${formatCount(behind.length, 'other is', 'others are')} behind.` : ''
  if (word === 'close')
    return `Each may be the best one: the percentage is how often, when all that is not known for sure is drawn again and again.${others}`
  return `When all that is not known for sure is drawn again and again, ${name} comes out best ${formatChance(first?.chance ?? 0)} of the time.${others}`
}

/** So many reasons on either side are shown. */
const mostReasons = { for: 5, against: 3 }

interface ReasonsProps {
  leader: JudgedRevision
  next: JudgedRevision
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
  const scored = ({ id, chances }: JudgedRevision) => `${nameOf(id)} (${Math.round(chances.mean)})`
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
