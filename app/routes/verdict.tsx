import { findApplication } from '#app/data/applications.server.ts'
import { readPreferences } from './preferences.server.ts'
import { backUpPublished } from '#app/data/daily-backup.server.ts'
import { keepVerdict } from '#app/data/verdict-publication.server.ts'
import { listVerdicts, withdrawVerdict } from '#app/data/verdicts.server.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { CheapestReviewCard } from '#app/features/verdict/CheapestReviewCard.tsx'
import { DisclosureCard } from '#app/features/verdict/DisclosureCard.tsx'
import { HeadlineCard } from '#app/features/verdict/HeadlineCard.tsx'
import { HowSureLink } from '#app/features/verdict/HowSureLink.tsx'
import { NextReadingsCard } from '#app/features/verdict/NextReadingsCard.tsx'
import { Published } from '#app/features/verdict/Published.tsx'
import { RankingCard } from '#app/features/verdict/RankingCard.tsx'
import { ReviewerCard } from '#app/features/verdict/ReviewerCard.tsx'
import { Robustness } from '#app/features/verdict/Robustness.tsx'
import { SchoolsCard } from '#app/features/verdict/SchoolsCard.tsx'
import { SensitivityCard } from '#app/features/verdict/SensitivityCard.tsx'
import { UntilSureCard } from '#app/features/verdict/UntilSureCard.tsx'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import { TroubleCard } from '#app/features/verdict/TroubleCard.tsx'
import { WordsCard } from '#app/features/verdict/WordsCard.tsx'
import { verdictSchema } from '#app/features/verdict/verdict-schema.ts'
import { Button } from '#app/ui/Button.tsx'
import { Card, Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/verdict'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'
import { changeRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Verdict · Plicator' }]

export const loader = ({ params: { application } }: Route.LoaderArgs) => listVerdicts(application)

export const shouldRevalidate = whenPathChanges

export async function action({ request, params }: Route.ActionArgs) {
  const application = found(await findApplication(params.application), 'This line-up')
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

export default function VerdictPage({ loaderData: { draft, published } }: Route.ComponentProps) {
  const { application } = useLineup()
  const judged = useEvaluation({ more: true })
  return (
    <Page>
      <LineupHead
        title={`Verdict: ${application.name}`}
        subtitle="Who wins, on what grounds, for which driver, and what would change it."
      >
        <Button onPress={() => window.print()}>Print</Button>
      </LineupHead>
      <TroubleCard />
      <HeadlineCard judged={judged} draft={draft} />
      <RankingCard judged={judged} />
      <WordsCard judged={judged} />
      <Card>
        <Stack $gap={10}>
          <h2>How sure</h2>
          <HowSureLink />
          <Robustness ranked={judged.ranked} nameOf={judged.nameOf} />
        </Stack>
      </Card>
      <NextReadingsCard judged={judged} />
      <UntilSureCard judged={judged} />
      <CheapestReviewCard judged={judged} />
      <SensitivityCard judged={judged} />
      <SchoolsCard judged={judged} />
      <DisclosureCard judged={judged} />
      <ReviewerCard judged={judged} draft={draft} />
      <Card data-print="no">
        <Stack $gap={12}>
          <h2>Published</h2>
          <Published published={published} judged={judged} />
        </Stack>
      </Card>
    </Page>
  )
}
