import { href, Link } from 'react-router'
import type { ReviewState } from '#app/data/review-states.server.ts'
import { Day } from '#app/ui/Day.tsx'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useChanges } from './useChanges.ts'

/** Reviews of the other engines: how far each is. */
export const OtherReviews = ({ states }: { states: readonly ReviewState[] }) => (
  <Card>
    <Stack $gap={10}>
      <h2>Of other engines</h2>
      <Table>
        <thead>
          <tr>
            <th scope="col">Review</th>
            <th scope="col">Engine</th>
            <th scope="col">Written</th>
            <th scope="col">Published</th>
            <th scope="col">Changed since</th>
          </tr>
        </thead>
        <tbody>
          {states.map((state) => (
            <OtherReview key={state.id} state={state} />
          ))}
        </tbody>
      </Table>
    </Stack>
  </Card>
)

function OtherReview({ state }: { state: ReviewState }) {
  const { id: review, applicationId: application, engine, title, updatedAt, number, publishedAt } = state
  const { place, changes, isLoading } = useChanges<HTMLTableRowElement>(state)
  return (
    <tr ref={place}>
      <th scope="row" style={{ overflowWrap: 'anywhere' }}>
        <Link to={href('/lineups/:application/review/:review', { application, review })}>{title}</Link>
      </th>
      <td>{engine}</td>
      <td>
        <Day of={updatedAt} />
      </td>
      <td>
        {publishedAt === null ? (
          'never'
        ) : (
          <>
            <Day of={publishedAt} />, version {number}
          </>
        )}
      </td>
      <td>
        {isLoading && <Small>looking…</Small>}
        {changes && (changes.length === 0 ? 'nothing' : changes.map((one) => one.title).join(', '))}
      </td>
    </tr>
  )
}
