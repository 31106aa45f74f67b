import { useState } from 'react'
import { href, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { refusalText, type ActionResult } from '#app/features/forms/action-result.ts'
import { Alert, Soft } from '#app/ui/layout.tsx'

const FileInput = styled.input`
  min-height: 44px;
  padding: 8px;
  border: 1px dashed var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  width: 100%;
`

/** Sends a file as it is, whatever its size, and goes to its import. */
export function ImportUpload() {
  const navigate = useNavigate()
  const [isSending, setSending] = useState(false)
  const [refusal, setRefusal] = useState('')

  async function send(file: File | undefined) {
    if (!file) return
    setSending(true)
    setRefusal('')
    try {
      const result = await upload(file)
      if (result.ok) await navigate(href('/import/:import', { import: result.id }))
      else setRefusal(refusalText(result))
    } catch {
      setRefusal('The file did not arrive. Is the app still running?')
    }
    setSending(false)
  }

  return (
    <>
      <label htmlFor="file">
        <strong>File</strong>
      </label>
      <FileInput
        id="file"
        type="file"
        accept=".csv,text/csv"
        disabled={isSending}
        onChange={(event) => void send(event.target.files?.[0])}
      />
      {isSending && <Soft role="status">Sending…</Soft>}
      {refusal && <Alert role="alert">{refusal}</Alert>}
    </>
  )
}

async function upload(file: File): Promise<ActionResult<{ id: string }>> {
  const response = await fetch(`${href('/import/file')}?name=${encodeURIComponent(file.name)}`, {
    method: 'POST',
    body: file,
    headers: { 'Content-Type': 'text/csv' },
  })
  return (await response.json()) as ActionResult<{ id: string }>
}
