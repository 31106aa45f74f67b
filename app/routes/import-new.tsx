import { useState } from 'react'
import { useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { Alert, Card, Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/import-new'

export const meta: Route.MetaFunction = () => [{ title: 'Import · Plicator' }]

const File = styled.input`
  min-height: 44px;
  padding: 8px;
  border: 1px dashed var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  width: 100%;
`

export default function NewImport() {
  const navigate = useNavigate()
  const [busy, setBusy] = useState(false)
  const [refused, setRefused] = useState('')

  async function send(file: globalThis.File | undefined) {
    if (!file) return
    setBusy(true)
    setRefused('')
    try {
      const response = await fetch(`/import/file?name=${encodeURIComponent(file.name)}`, {
        method: 'POST',
        body: file,
        headers: { 'Content-Type': 'text/csv' },
      })
      const answer = (await response.json()) as { id?: string; refused?: string }
      if (answer.id) await navigate(`/import/${answer.id}`)
      else setRefused(answer.refused ?? 'The file was refused.')
    } catch {
      setRefused('The file did not arrive. Is the app still running?')
    }
    setBusy(false)
  }

  return (
    <Page>
      <h1>Import readings</h1>
      <Card>
        <Stack>
          <p>
            A CSV file, one row a reading, as <a href="/export/readings.csv">the export</a> writes it. First comes a dry
            run that says what would become of every row; nothing is written until you say so, and then all or nothing.
          </p>
          <label htmlFor="file">
            <strong>File</strong>
          </label>
          <File
            id="file"
            type="file"
            accept=".csv,text/csv"
            disabled={busy}
            onChange={(event) => void send(event.target.files?.[0])}
          />
          {busy && <Soft role="status">Sending…</Soft>}
          {refused && <Alert role="alert">{refused}</Alert>}
        </Stack>
      </Card>
    </Page>
  )
}
