import { useEffect, useRef } from 'react'
import { styled } from 'styled-components'
import { findApplication } from '#app/data/applications.server.ts'
import * as texts from '#app/texts/verdict.ts'
import { readPreferences } from './preferences.server.ts'
import { backUpPublished } from '#app/data/daily-backup.server.ts'
import { keepVerdict } from '#app/data/verdict-publication.server.ts'
import { listVerdicts, withdrawVerdict } from '#app/data/verdicts.server.ts'
import { FirstStepCard } from '#app/features/lineup/FirstStepCard.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { CheapestReviewCard } from '#app/features/verdict/CheapestReviewCard.tsx'
import { DisclosureCard } from '#app/features/verdict/DisclosureCard.tsx'
import { Answer } from '#app/features/verdict/Answer.tsx'
import { AvoidList } from '#app/features/verdict/AvoidList.tsx'
import { GroundLine } from '#app/features/verdict/GroundLine.tsx'
import { Picks } from '#app/features/verdict/Picks.tsx'
import { Picture } from '#app/features/verdict/Picture.tsx'
import { HowSureLink } from '#app/features/verdict/HowSureLink.tsx'
import { NextReadingsCard } from '#app/features/verdict/NextReadingsCard.tsx'
import { Published } from '#app/features/verdict/Published.tsx'
import { RankingCard } from '#app/features/verdict/RankingCard.tsx'
import { ReviewerCard } from '#app/features/verdict/ReviewerCard.tsx'
import { Robustness } from '#app/features/verdict/Robustness.tsx'
import { SchoolsCard } from '#app/features/verdict/SchoolsCard.tsx'
import { SensitivityCard } from '#app/features/verdict/SensitivityCard.tsx'
import { UntilSureCard } from '#app/features/verdict/UntilSureCard.tsx'
import { useEvaluation, type EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import { TroubleCard } from '#app/features/verdict/TroubleCard.tsx'
import { WordsCard } from '#app/features/verdict/WordsCard.tsx'
import { verdictSchema } from '#app/features/verdict/verdict-schema.ts'
import { Card, Page, Stack } from '#app/ui/layout.tsx'
import { TabbedPanels } from '#app/ui/TabbedPanels.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { WhenNear } from '#app/ui/WhenNear.tsx'
import type { Route } from './+types/verdict'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'
import { changeRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.verdictTitle }]

export const loader = ({ params: { application } }: Route.LoaderArgs) => listVerdicts(application)

export const shouldRevalidate = whenPathChanges

export async function action({ request, params }: Route.ActionArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const parsed = parseFields(verdictSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  if (parsed.value.intent === 'withdraw') {
    await withdrawVerdict(application.id, parsed.value.id)
    return accepted()
  }
  const { intent, version, seen, ...draft } = parsed.value
  const units = intent === 'publish' ? (await readPreferences(request)).units : undefined
  const kept = await keepVerdict(application, draft, version, units && { units, seen: seen === 'yes' })
  if (!kept.ok) return refused(kept.problem.message)
  if (kept.value === 'stale') return draftRefusal(application.id)
  if (units) void backUpPublished()
  return accepted()
}

/** Another has kept or published a draft since this one was opened. */
async function draftRefusal(applicationId: string) {
  const { draft } = await listVerdicts(applicationId)
  const { words = '', conditions = '', overruleReason = '' } = draft ?? {}
  const meanwhile = {
    version: draft?.version ?? 0,
    values: {
      'your own words': words,
      ...(conditions && { 'under which it holds': conditions }),
      ...(overruleReason && { 'reason to overrule': overruleReason }),
    },
  }
  return changeRefusal('stale', { message: '' }, meanwhile)
}

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 10fr) minmax(0, 11fr);
  border-bottom: 1px solid var(--line);
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`

const Below = styled.div`
  max-width: 1280px;
  margin: 0 auto;
  padding: 12px 26px 40px;
  scroll-margin-top: 52px;
`

export default function VerdictPage({ loaderData }: Route.ComponentProps) {
  const { application, evaluation } = useLineup()
  if (evaluation.columns.length > 0 || loaderData.published.length > 0) return <Judged {...loaderData} />
  return (
    <Page>
      <LineupHead title={texts.verdict(application.name)} subtitle={texts.whoIsFirstHowSureThat} />
      <FirstStepCard>{texts.whoIsFirstHowSureThatIsAnd}</FirstStepCard>
    </Page>
  )
}

function Judged({ draft, published }: Route.ComponentProps['loaderData']) {
  const { application } = useLineup()
  const { get, set } = useAddress()
  const judged = useEvaluation({ more: true })
  const below = useRef<HTMLDivElement>(null)
  const known = useRef(published.length)
  useEffect(() => {
    if (published.length > known.current) set({ tab: 'published' })
    known.current = published.length
  }, [published.length, set])
  const toPublish = () => {
    set({ tab: 'reviewer' })
    below.current?.scrollIntoView({ block: 'start' })
  }
  return (
    <main>
      <Sides>
        <Answer judged={judged} draft={draft} onPublish={toPublish} />
        <Picture judged={judged} />
      </Sides>
      <Below ref={below} id="below">
        <TabbedPanels
          label={texts.moreOfTheVerdict}
          selected={get('tab') ?? (get('pick') ? 'reviewer' : 'ranking')}
          onSelect={(tab) => set({ tab })}
          panels={[
            { key: 'ranking', label: texts.ranking, content: <RankingPanel judged={judged} /> },
            { key: 'change', label: texts.whatWouldChangeIt, content: <ChangePanel judged={judged} /> },
            { key: 'sure', label: texts.howSure, content: <SurePanel judged={judged} /> },
            { key: 'schools', label: texts.schools, content: <SchoolsCard judged={judged} /> },
            { key: 'words', label: texts.eachInAWord, content: <WordsCard judged={judged} /> },
            ...(application.trouble === ''
              ? []
              : [{ key: 'trouble', label: texts.knownTrouble, content: <TroubleCard /> }]),
            { key: 'doubts', label: texts.doubts, content: <DisclosureCard judged={judged} /> },
            { key: 'reviewer', label: texts.theReviewer, content: <ReviewerCard judged={judged} draft={draft} /> },
            { key: 'published', label: texts.published, content: <Published published={published} judged={judged} /> },
          ]}
        />
      </Below>
    </main>
  )
}

const RankingPanel = ({ judged }: { judged: EvaluationView }) => (
  <>
    <GroundLine judged={judged} />
    <RankingCard judged={judged} />
    <Picks judged={judged} />
    <AvoidList judged={judged} />
  </>
)

const ChangePanel = ({ judged }: { judged: EvaluationView }) => (
  <>
    <NextReadingsCard judged={judged} />
    <SensitivityCard judged={judged} />
    <UntilSureCard judged={judged} />
    <CheapestReviewCard judged={judged} />
  </>
)

const SurePanel = ({ judged }: { judged: EvaluationView }) => (
  <Card>
    <Stack $gap={10}>
      <HowSureLink />
      <WhenNear>
        <Robustness ranked={judged.ranked} nameOf={judged.nameOf} />
      </WhenNear>
    </Stack>
  </Card>
)
