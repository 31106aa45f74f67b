import { Printer } from 'lucide-react'
import { styled } from 'styled-components'
import { formatCall, formatChance, type Call } from '#core/verdict/call.ts'
import { formatInterest } from '#core/verdict/interest.ts'
import { formatList } from '#core/quantity/format-list.ts'
import type { Verdict } from '#app/data/verdicts.server.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/verdict.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft, Unseen } from '#app/ui/layout.tsx'
import { SameBuildLine } from '#app/features/kin/SameBuildLine.tsx'
import { AvailabilityLine } from './AvailabilityLine.tsx'
import { ChanceScale } from './ChanceScale.tsx'
import { GroundSentence } from './GroundSentence.tsx'
import { HowSureLink } from './HowSureLink.tsx'
import { NewerRevisionLine } from './NewerRevisionLine.tsx'
import { ReasonColumns } from './ReasonColumns.tsx'
import { SaidOfEach } from './SaidOfEach.tsx'
import { SchoolBar } from './SchoolBar.tsx'
import { SettleList } from './SettleList.tsx'
import { TroubleLine } from './TroubleLine.tsx'
import { useColumnOf } from './useColumnOf.ts'
import type { EvaluationView } from './useEvaluation.ts'

const Column = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
  min-width: 0;
  padding: 12px 26px 16px;
  background: var(--card);
  border-right: 1px solid var(--line);
  h2 {
    font-size: 18px;
  }
`

/** By whom and for whom, and what is done with the answer, in one line. */
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px;
  > * {
    flex: none;
  }
  > * > * {
    flex-wrap: nowrap;
  }
  label select {
    max-width: 142px;
  }
`

const Winner = styled.p`
  margin: 0 0 4px;
  font: 600 38px/1.08 var(--label);
  overflow-wrap: anywhere;
`

interface Props {
  judged: EvaluationView
  draft: Verdict | undefined
  onPublish: () => void
}

/** Who is first, how sure that is, why, what would settle it, and what each is worth alone. */
export function Answer({ judged, draft, onPublish }: Props) {
  const { application, evaluation } = useLineup()
  const [leader, next] = judged.ranked
  return (
    <Column>
      <Unseen as="h1">{texts.verdict(application.name)}</Unseen>
      <Head>
        <SchoolBar judged={judged} isTerse />
        <Row data-print="no" $gap={8}>
          <Button $kind="primary" onPress={onPublish}>
            {texts.publish}
          </Button>
          <Button aria-label={texts.print} onPress={() => window.print()}>
            <Printer size={18} aria-hidden />
          </Button>
        </Row>
      </Head>
      {leader ? <Headline judged={judged} draft={draft} /> : <NobodyYet />}
      <AvailabilityLine judged={judged} />
      <SameBuildLine />
      <NewerRevisionLine judged={judged} />
      <Small>{formatInterest(evaluation.reviewer.interest, evaluation.reviewer.interestNote)}</Small>
      <TroubleLine judged={judged} />
      {leader && next && <ReasonColumns leader={leader} next={next} judged={judged} />}
      <section aria-label={texts.whatWouldSettleIt}>
        <h2>{texts.whatWouldSettleIt}</h2>
        <SettleList judged={judged} />
      </section>
      <section aria-label={texts.saidOfEach}>
        <h2>{texts.saidOfEach}</h2>
        <SaidOfEach judged={judged} />
      </section>
    </Column>
  )
}

const NobodyYet = () => <p>{texts.nobodyIsJudgedYetOneReading}</p>

type HeadlineProps = Pick<Props, 'judged' | 'draft'>

function Headline({ judged, draft }: HeadlineProps) {
  const { call, isSettled, nameOf } = judged
  if (!call) return null
  const overruled = draft?.overruleColumn ? nameOf(draft.overruleColumn) : undefined
  const [first] = call.named
  return (
    <div role="status" aria-label={texts.headline} aria-busy={!isSettled}>
      {overruled ? (
        <Soft>{texts.putFirstByTheReviewer}</Soft>
      ) : (
        call.word === 'close' && <Soft>{texts.tooCloseToCall}</Soft>
      )}
      <Winner>{overruled ?? headlineOf(call, nameOf)}</Winner>
      {overruled && (
        <p>
          {texts.overruled} {draft?.overruleReason} <Small>{formatCall(call, nameOf)}</Small>
        </p>
      )}
      {!overruled && first && call.word !== 'alone' && (
        <>
          <ChanceScale chance={first.chance} />
          <p style={{ marginTop: 8 }}>
            <ChanceInWords judged={judged} call={call} />
          </p>
          <GroundSentence judged={judged} />
        </>
      )}
    </div>
  )
}

function headlineOf({ word, named }: Call, nameOf: (id: string) => string): string {
  const names = named.map(({ id }) => nameOf(id))
  switch (word) {
    case 'wins':
    case 'leads':
      return `${names[0]} ${word}`
    case 'alone':
      return `${names[0]}, the only one that is judged`
    case 'close':
      return formatList(
        named.map(({ id, chance }) => `${nameOf(id)} ${formatChance(chance)}`),
        'conjunction',
      )
  }
}

/** What the percentage means, for a reader who knows no statistics. */
function ChanceInWords({ judged: { ranked, nameOf }, call }: { judged: EvaluationView; call: Call }) {
  const columnOf = useColumnOf()
  const [first] = call.named
  const [leader, next] = ranked
  if (!first || !leader) return null
  const others = call.behind.length > 0 ? texts.othersAreBehind(call.behind.length) : ''
  const { specimens } = columnOf(leader)
  const opened = texts.specimensOfOpened(specimens, nameOf(leader.id))
  const drawn =
    call.word === 'close' ? texts.eachMayBeTheBestOne : texts.whenAllThatIsNotKnown(formatChance(first.chance))
  return (
    <>
      {drawn}{' '}
      {call.word !== 'close' && next && (
        <>
          <strong>{nameOf(next.id)}</strong> {texts.takesMostOfTheRest(formatChance(next.chance))}{' '}
        </>
      )}
      {others} {opened} <HowSureLink />
    </>
  )
}
