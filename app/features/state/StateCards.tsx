import { href, Link } from 'react-router'
import { formatCount } from '#core/quantity/format.ts'
import type { AppState } from '#app/data/app-state.server.ts'
import { ageInWords } from '#app/features/backups/age.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

const megabytes = (bytes: number): string => `${(bytes / 1e6).toFixed(bytes < 10e6 ? 1 : 0)} MB`

/** Data, backups, requests: each with its figures. */
export function StateCards({ state, now }: { state: AppState; now: string }) {
  const { folder, sizes, contents, backups, slow, answered, memory, up } = state
  return (
    <>
      <Card>
        <Stack $gap={8}>
          <h2>Data</h2>
          <p style={{ overflowWrap: 'anywhere' }}>
            In <strong>{folder}</strong>: {sizes.map(({ of, bytes }) => `${of} ${megabytes(bytes)}`).join(', ')}.
          </p>
          <p>{contents ? `${describeContents(contents)}.` : 'The database cannot be read.'}</p>
          <p>
            {backups.length > 0
              ? `The last backups: ${backups.map((at) => ageInWords(at, now)).join(', ')}.`
              : 'There is no backup yet.'}{' '}
            <Link to={href('/backups')}>Backups</Link>
          </p>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={8}>
          <h2>Since it was started</h2>
          <p>
            {formatCount(Math.round(up / 60), 'minute')} ago; {formatCount(answered, 'request')} answered; the server
            takes {megabytes(memory)} of memory.
          </p>
          {slow.length === 0 ? (
            <Soft>No request took half a second.</Soft>
          ) : (
            <Table aria-label="Slow requests">
              <thead>
                <tr>
                  <th scope="col">When</th>
                  <th scope="col">What</th>
                  <th scope="col">Took</th>
                </tr>
              </thead>
              <tbody>
                {slow.map(({ at, method, path, milliseconds }) => (
                  <tr key={`${at} ${path}`}>
                    <td>{ageInWords(at, now)}</td>
                    <td style={{ overflowWrap: 'anywhere' }}>
                      {method} {path}
                    </td>
                    <td>{(milliseconds / 1000).toFixed(1)} s</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          )}
          <Small>
            The log lies in the folder log of the data: what was asked and how it ended, with no names of people and
            nothing that was typed.
          </Small>
        </Stack>
      </Card>
    </>
  )
}
