import { useState } from 'react'
import { href, useRevalidator } from 'react-router'
import { useUpload } from '#app/features/forms/useUpload.ts'
import * as texts from '#app/texts/backups.ts'
import { FileBox } from '#app/ui/FileBox.tsx'
import { Card, Small, Stack } from '#app/ui/layout.tsx'

/** Takes in a backup that was kept elsewhere. */
export function BringInCard() {
  const { revalidate } = useRevalidator()
  const [isTaken, setTaken] = useState(false)
  const { send, ...state } = useUpload<{ name: string }>(href('/backups/file'), async () => {
    setTaken(true)
    await revalidate()
  })
  return (
    <Card>
      <Stack>
        <h2>{texts.aBackupFromElsewhere}</h2>
        <FileBox id="backup" label={texts.backup} accept=".tar" {...state} onFile={(file) => void send(file)} />
        <Small role="status">{isTaken && !state.isSending && texts.itIsWholeAndStandsIn}</Small>
      </Stack>
    </Card>
  )
}
