import { href, Link } from 'react-router'
import type { AppState } from '#app/data/app-state.server.ts'
import { ageInWords } from '#app/features/backups/age.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import * as texts from '#app/texts/house.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

const megabytes = (bytes: number): string => texts.mb((bytes / 1e6).toFixed(bytes < 10e6 ? 1 : 0))

/** Data, backups, requests: each with its figures. */
export function StateCards({ state, now }: { state: AppState; now: string }) {
  const { folder, sizes, contents, backups, slow, answered, memory, up } = state
  return (
    <>
      <Card>
        <Stack $gap={8}>
          <h2>{texts.data}</h2>
          <p style={{ overflowWrap: 'anywhere' }}>
            {texts.inLabel} <strong>{folder}</strong>:{' '}
            {sizes.map(({ of, bytes }) => `${of} ${megabytes(bytes)}`).join(', ')}.
          </p>
          <p>{contents ? `${describeContents(contents)}.` : texts.theDatabaseCannotBeRead}</p>
          <p>
            {backups.length > 0
              ? texts.theLastBackups(backups.map((at) => ageInWords(at, now)).join(', '))
              : texts.thereIsNoBackupYet}{' '}
            <Link to={href('/backups')}>{texts.backups}</Link>
          </p>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={8}>
          <h2>{texts.sinceItWasStarted}</h2>
          <p>{texts.minutesAgoRequestsAnsweredThe(Math.round(up / 60), answered, megabytes(memory))}</p>
          {slow.length === 0 ? (
            <Soft>{texts.noRequestTookHalfASecond}</Soft>
          ) : (
            <Table aria-label={texts.slowRequests}>
              <thead>
                <tr>
                  <th scope="col">{texts.when}</th>
                  <th scope="col">{texts.what}</th>
                  <th scope="col">{texts.took}</th>
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
          <Small>{texts.theLogLiesInTheFolder}</Small>
        </Stack>
      </Card>
    </>
  )
}
