import { href, Link } from 'react-router'
import type { ReviewState } from '#app/data/review-states.server.ts'
import * as texts from '#app/texts/review.ts'
import { Day } from '#app/ui/Day.tsx'
import { Card, Caution, Row, Small, Stack } from '#app/ui/layout.tsx'
import { ChangeList } from './ChangeList.tsx'
import { useChanges } from './useChanges.ts'

/** A review of the engine: how far it is, and what has changed since it was published. */
export function ReviewStateCard({ state }: { state: ReviewState }) {
  const { id: review, applicationId: application, title, updatedAt, number, publishedAt } = state
  const { place, changes, isLoading } = useChanges<HTMLDivElement>(state)
  return (
    <Card aria-label={title}>
      <Stack $gap={8} ref={place}>
        <Row $between>
          <h2 style={{ overflowWrap: 'anywhere' }}>
            <Link to={href('/lineups/:application/review/:review', { application, review })}>{title}</Link>
          </h2>
          <Small>
            {texts.writtenInLine} <Day of={updatedAt} />
          </Small>
        </Row>
        {publishedAt === null ? (
          <Small>{texts.aDraftItWasNeverPublished}</Small>
        ) : (
          <Small>
            <Link to={href('/lineups/:application/review/:review/published/:number?', { application, review })}>
              {texts.published} <Day of={publishedAt} />
              {texts.version} {number}
            </Link>
            {isLoading && texts.lookingWhatHasChangedSince}
            {changes?.length === 0 && texts.nothingHasChangedSince}
          </Small>
        )}
        {changes && changes.length > 0 && (
          <Caution as="div">
            {texts.sinceThenSectionsHaveChanged(changes.length, changes.map((one) => one.title).join(', '))}
            <details>
              <summary style={{ minHeight: 32, cursor: 'pointer' }}>{texts.whatItSaysNow}</summary>
              <ChangeList changes={changes} />
            </details>
          </Caution>
        )}
      </Stack>
    </Card>
  )
}
