import { href, Link } from 'react-router'
import type { ReviewState } from '#app/data/review-states.server.ts'
import * as texts from '#app/texts/review.ts'
import { Day } from '#app/ui/Day.tsx'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { useChanges } from './useChanges.ts'

/** Reviews of the other engines: how far each is. */
export const OtherReviews = ({ states }: { states: readonly ReviewState[] }) => (
  <Card>
    <Stack $gap={10}>
      <h2>{texts.ofOtherEngines}</h2>
      <Table>
        <thead>
          <tr>
            <th scope="col">{texts.review}</th>
            <th scope="col">{texts.engine}</th>
            <th scope="col">{texts.written}</th>
            <th scope="col">{texts.published}</th>
            <th scope="col">{texts.changedSince}</th>
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
          texts.never
        ) : (
          <>
            <Day of={publishedAt} />
            {texts.version} {number}
          </>
        )}
      </td>
      <td>
        {isLoading && <Small>{texts.looking}</Small>}
        {changes && (changes.length === 0 ? texts.nothing : changes.map((one) => one.title).join(', '))}
      </td>
    </tr>
  )
}
