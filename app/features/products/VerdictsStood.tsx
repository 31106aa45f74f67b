import { href, Link } from 'react-router'
import { formatChance } from '#core/verdict/call.ts'
import type { VerdictStood } from '#app/data/product-dossier.server.ts'
import { Day } from '#app/ui/Day.tsx'
import { Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  verdicts: readonly VerdictStood[]
  application: string
}

/** Where a product stood in each verdict that was published. */
export function VerdictsStood({ verdicts, application }: Props) {
  if (verdicts.length === 0)
    return (
      <Soft>
        In none that was published yet. <Link to={href('/lineups/:application/verdict', { application })}>Verdict</Link>
      </Soft>
    )
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">Published</th>
          <th scope="col">School</th>
          <th scope="col">Place</th>
          <th scope="col">Score</th>
          <th scope="col">First</th>
        </tr>
      </thead>
      <tbody>
        {verdicts.map(({ id, publishedAt, school, place, of, value, chance }) => (
          <tr key={id}>
            <td>
              <Day of={publishedAt} />
            </td>
            <td>{school}</td>
            <td>
              {place} of {of}
            </td>
            <td>{value.toFixed(1)}</td>
            <td>{chance === undefined ? '–' : formatChance(chance)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
