import { styled } from 'styled-components'
import * as texts from '#app/texts/ui.ts'
import { Alert, Soft } from './layout.tsx'

const FileInput = styled.input`
  min-height: 44px;
  padding: 8px;
  border: 1px dashed var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  width: 100%;
`

interface Props {
  id: string
  label: string
  accept: string
  isSending: boolean
  refusal: string
  onFile: (file: File | undefined) => void
}

/** A file to choose, that is sent as soon as it is chosen. */
export const FileBox = ({ id, label, accept, isSending, refusal, onFile }: Props) => (
  <>
    <label htmlFor={id}>
      <strong>{label}</strong>
    </label>
    <FileInput
      id={id}
      type="file"
      accept={accept}
      disabled={isSending}
      onChange={(event) => onFile(event.target.files?.[0])}
    />
    {isSending && <Soft role="status">{texts.sending}</Soft>}
    {refusal && <Alert role="alert">{refusal}</Alert>}
  </>
)
