import { href, Link } from 'react-router'
import { formatChance } from '#core/verdict/call.ts'
import type { VerdictStood } from '#app/data/product-dossier.server.ts'
import * as texts from '#app/texts/products.ts'
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
        {texts.inNoneThatWasPublishedYet}{' '}
        <Link to={href('/lineups/:application/verdict', { application })}>{texts.verdict}</Link>
      </Soft>
    )
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">{texts.published}</th>
          <th scope="col">{texts.school}</th>
          <th scope="col">{texts.place}</th>
          <th scope="col">{texts.score}</th>
          <th scope="col">{texts.first}</th>
        </tr>
      </thead>
      <tbody>
        {verdicts.map(({ id, publishedAt, school, place, of, value, chance }) => (
          <tr key={id}>
            <td>
              <Day of={publishedAt} />
            </td>
            <td>{school}</td>
            <td>{texts.ofLabelOfPlace(place, of)}</td>
            <td>{value.toFixed(1)}</td>
            <td>{chance === undefined ? '–' : formatChance(chance)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
