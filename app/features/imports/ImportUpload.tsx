import { href, useNavigate } from 'react-router'
import { useUpload } from '#app/features/forms/useUpload.ts'
import * as texts from '#app/texts/imports.ts'
import { FileBox } from '#app/ui/FileBox.tsx'

/** Sends a file of readings, and goes to its import. */
export function ImportUpload() {
  const navigate = useNavigate()
  const { send, ...state } = useUpload<{ id: string }>(href('/import/file'), ({ id }) =>
    navigate(href('/import/:import', { import: id })),
  )
  return (
    <FileBox
      id="file"
      label={texts.file}
      accept=".csv,text/csv,.zip,application/zip"
      {...state}
      onFile={(file) => void send(file)}
    />
  )
}
