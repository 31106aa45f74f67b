import { href, Link } from 'react-router'
import type { ReviewState } from '#app/data/review-states.server.ts'
import { Day } from '#app/ui/Day.tsx'
import { Card, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

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
          </tr>
        </thead>
        <tbody>
          {states.map(({ id: review, applicationId: application, engine, title, updatedAt, number, publishedAt }) => (
            <tr key={review}>
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
            </tr>
          ))}
        </tbody>
      </Table>
    </Stack>
  </Card>
)
