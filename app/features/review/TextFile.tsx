import { useState } from 'react'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { AreaBox } from '#app/ui/inputs.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'

interface Props {
  label: string
  /** Of the file. */
  name: string
  type: string
  text: string
}

/** A text to look at, to copy, and to save as a file. */
export function TextFile({ label, name, type, text }: Props) {
  const [said, say] = useState('')
  const copy = () =>
    void navigator.clipboard.writeText(text).then(
      () => say(texts.copied),
      () => say(texts.thisBrowserDoesNotLetIt),
    )
  const save = () => {
    const address = URL.createObjectURL(new Blob([text], { type }))
    const link = document.createElement('a')
    link.href = address
    link.download = name.replace(/[^\w.-]+/g, '-')
    link.click()
    URL.revokeObjectURL(address)
  }
  return (
    <Stack $gap={4}>
      <Row $between>
        <strong>{label}</strong>
        <Row $gap={6}>
          <Small role="status">{said}</Small>
          <Button onPress={copy} aria-label={texts.copyOfLabel(label)}>
            {texts.copy}
          </Button>
          <Button onPress={save} aria-label={texts.saveOfLabel(label)}>
            {texts.save}
          </Button>
        </Row>
      </Row>
      <AreaBox aria-label={label} readOnly rows={6} value={text} />
    </Stack>
  )
}
