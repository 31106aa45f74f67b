import { useState } from 'react'
import * as texts from '#app/texts/forms.ts'
import { refusalText, type ActionResult } from './action-result.ts'

/** Sends a file as it is, whatever its size; says while it is under way, and why it was refused. */
export function useUpload<Taken extends object>(address: string, onTaken: (taken: Taken) => void | Promise<void>) {
  const [isSending, setSending] = useState(false)
  const [refusal, setRefusal] = useState('')
  async function send(file: File | undefined): Promise<void> {
    if (!file) return
    setSending(true)
    setRefusal('')
    try {
      const result = await upload<Taken>(address, file)
      if (result.ok) await onTaken(result)
      else setRefusal(refusalText(result))
    } catch {
      setRefusal(texts.theFileDidNotArriveIs)
    }
    setSending(false)
  }
  return { send, isSending, refusal }
}

async function upload<Taken extends object>(address: string, file: File): Promise<ActionResult<Taken>> {
  const response = await fetch(`${address}?name=${encodeURIComponent(file.name)}`, {
    method: texts.post,
    body: file,
    headers: { 'Content-Type': 'application/octet-stream' },
  })
  return (await response.json()) as ActionResult<Taken>
}
