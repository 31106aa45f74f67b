import { useRef } from 'react'
import { href, Link } from 'react-router'
import { formatCount } from '#core/quantity/format.ts'
import type { SectionChange } from '#core/review/review-version.ts'
import type { ReviewState } from '#app/data/review-states.server.ts'
import { Day } from '#app/ui/Day.tsx'
import { Card, Caution, Row, Small, Stack } from '#app/ui/layout.tsx'
import { useJson } from '#app/ui/useJson.ts'
import { useNear } from '#app/ui/useNear.ts'
import { ChangeList } from './ChangeList.tsx'

/** A review of the engine: how far it is, and what has changed since it was published. */
export function ReviewStateCard({
  state: { id: review, applicationId: application, title, updatedAt, number, publishedAt },
}: {
  state: ReviewState
}) {
  const place = useRef<HTMLDivElement>(null)
  const isNear = useNear(place)
  const path = href('/lineups/:application/review/:review/changes', { application, review })
  const { data, isLoading } = useJson<{ changes: SectionChange[] }>(isNear && number !== null ? path : undefined)
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
            {data?.changes.length === 0 && ' · nothing has changed since.'}
          </Small>
        )}
        {data && data.changes.length > 0 && (
          <Caution as="div">
            Since then {formatCount(data.changes.length, 'section has changed', 'sections have changed')}:{' '}
            {data.changes.map((one) => one.title).join(', ')}.
            <details>
              <summary style={{ minHeight: 32, cursor: 'pointer' }}>What it says now</summary>
              <ChangeList changes={data.changes} />
            </details>
          </Caution>
        )}
      </Stack>
    </Card>
  )
}
