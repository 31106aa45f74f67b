import { href, redirect } from 'react-router'
import { firstBlocks } from '#core/review/block.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { newId } from '#app/data/id.ts'
import { listReviewStates } from '#app/data/review-states.server.ts'
import { addReview } from '#app/data/reviews.server.ts'
import { newReviewSchema } from '#app/features/forms/review-fields.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { NewReviewForm } from '#app/features/review/NewReviewForm.tsx'
import { OtherReviews } from '#app/features/review/OtherReviews.tsx'
import { PackageCard } from '#app/features/review/PackageCard.tsx'
import { SiteCard } from '#app/features/review/SiteCard.tsx'
import { ReviewStateCard } from '#app/features/review/ReviewStateCard.tsx'
import * as texts from '#app/texts/review.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/reviews'
import { fieldsOf, found, parseFields, refusedField } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.reviewTitle }]

export const loader = ({ params: { application } }: Route.LoaderArgs) => listReviewStates(application)

export const shouldRevalidate = whenPathChanges

/** Begins a review with the blocks that most begin with. */
export async function action({ request, params }: Route.ActionArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const parsed = parseFields(newReviewSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const { id, subject, a, b, title } = parsed.value
  const about = subject === 'engine' ? { a: '', b: '' } : { a, b }
  const added = await addReview({
    ...{ id, subject, title, ...about },
    applicationId: application.id,
    blocks: firstBlocks(subject, newId).map((block) => (block.kind === 'face-off' ? { ...block, ...about } : block)),
  })
  if (added === 'id-in-use') return refusedField('title', texts.thisWasBegunAlreadyOpenIt)
  return (
    additionRefusal(added, { message: '' }) ??
    redirect(href('/lineups/:application/review/:review', { application: application.id, review: id }))
  )
}

export default function Reviews({ loaderData: { own, others } }: Route.ComponentProps) {
  const { application, evaluation } = useLineup()
  return (
    <Page>
      <LineupHead title={texts.reviewOfName(application.name)} subtitle={texts.whatTheViewerGetsComposedOf}>
        <ButtonLink to={href('/lineups/:application/on-air', { application: application.id })}>
          {texts.onAir}
        </ButtonLink>
      </LineupHead>
      {own.length === 0 && <Soft>{texts.nothingIsWrittenAboutThisEngine}</Soft>}
      {own.map((state) => (
        <ReviewStateCard key={state.id} state={state} />
      ))}
      <Card>
        <Stack $gap={10}>
          <h2>{texts.beginAReview}</h2>
          <NewReviewForm engine={application.name} columns={evaluation.columns} />
        </Stack>
      </Card>
      {others.length > 0 && <OtherReviews states={others} />}
      <SiteCard />
      <PackageCard application={application.id} />
    </Page>
  )
}
