import { href, Link } from 'react-router'
import { byKey } from '#core/by-key.ts'
import { characteristicOf } from '#core/catalogue/index.ts'
import { engineTroubles, troubleWords } from '#core/figures/trouble.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** What the engine is known for, and which filter answers it. */
export function TroubleCard() {
  const { application, evaluation } = useLineup()
  if (application.trouble === '') return null
  const { label, asks } = byKey(engineTroubles, application.trouble)
  return (
    <Card>
      <Stack $gap={10}>
        <h2>The engine: {label.toLowerCase()}</h2>
        <p>It asks for {asks}. This comes before any score.</p>
        <Table>
          <thead>
            <tr>
              <th scope="col">Product</th>
              <th scope="col">To the trouble</th>
              <th scope="col">By</th>
            </tr>
          </thead>
          <tbody>
            {evaluation.columns.map(({ id, name, revision, specimenId, trouble }) =>
              trouble ? (
                <tr key={id}>
                  <td>{[name, revision].filter(Boolean).join(' ')}</td>
                  <td>
                    <strong>{troubleWords[trouble.answer]}</strong>
                  </td>
                  <td>
                    {trouble.checks.map((check, at) => (
                      <Small key={check.key}>
                        {at > 0 && ' · '}
                        <Link to={`${href('/bench/:specimen', { specimen: specimenId })}?at=${check.key}`}>
                          {characteristicOf(check.key).label.toLowerCase()}
                        </Link>
                        : {troubleWords[check.answer]}
                      </Small>
                    ))}
                  </td>
                </tr>
              ) : null,
            )}
          </tbody>
        </Table>
      </Stack>
    </Card>
  )
}
