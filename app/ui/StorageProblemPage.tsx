import { useEffect } from 'react'
import { href, useRevalidator } from 'react-router'
import type { StorageProblem } from '#app/storage/storage-problem.ts'
import * as texts from '#app/texts/ui.ts'
import { ButtonLink } from './Button.tsx'
import { Card, Page, Row, Stack } from './layout.tsx'

const retryAfter = 3000

/** Why the data cannot be used, what is safe, and the next step; it goes away by itself when the cause does. */
export function StorageProblemPage({ problem }: { problem: StorageProblem }) {
  const { revalidate, state } = useRevalidator()
  useEffect(() => {
    if (state !== 'idle') return undefined
    const timer = setTimeout(() => void revalidate(), retryAfter)
    return () => clearTimeout(timer)
  }, [revalidate, state])
  const { title, what, safe, next } = problem
  return (
    <Page>
      <h1>{title}</h1>
      <Card role="alert" style={{ maxWidth: 720 }}>
        <Stack $gap={14}>
          <p>{what}</p>
          <p>
            <strong>{texts.whatIsSafe}</strong> {safe}
          </p>
          <p>
            <strong>{texts.whatToDo}</strong> {next}
          </p>
          <Row>
            <ButtonLink to={href('/backups')} $kind="primary">
              {texts.backups}
            </ButtonLink>
          </Row>
        </Stack>
      </Card>
    </Page>
  )
}

/** What an answer says of the data folder; undefined when it is about something else. */
export const storageProblemIn = (said: unknown): StorageProblem | undefined =>
  typeof said === 'object' && said !== null && 'kind' in said && 'safe' in said ? (said as StorageProblem) : undefined
