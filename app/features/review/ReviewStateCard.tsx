import { href, Link } from 'react-router'
import { formatCount } from '#core/quantity/format.ts'
import type { ReviewState } from '#app/data/review-states.server.ts'
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
            written <Day of={updatedAt} />
          </Small>
        </Row>
        {publishedAt === null ? (
          <Small>A draft: it was never published.</Small>
        ) : (
          <Small>
            <Link to={href('/lineups/:application/review/:review/published/:number?', { application, review })}>
              Published <Day of={publishedAt} />, version {number}
            </Link>
            {isLoading && ' · looking what has changed since…'}
            {changes?.length === 0 && ' · nothing has changed since.'}
          </Small>
        )}
        {changes && changes.length > 0 && (
          <Caution as="div">
            Since then {formatCount(changes.length, 'section has changed', 'sections have changed')}:{' '}
            {changes.map((one) => one.title).join(', ')}.
            <details>
              <summary style={{ minHeight: 32, cursor: 'pointer' }}>What it says now</summary>
              <ChangeList changes={changes} />
            </details>
          </Caution>
        )}
      </Stack>
    </Card>
  )
}
