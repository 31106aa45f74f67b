import { useRef, useState, type FormEvent } from 'react'
import * as texts from '#app/texts/bench-reading.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Stack } from '#app/ui/layout.tsx'

interface Props {
  /** What is struck, in words. */
  words: string
  onStrike: (why: string) => void
  onLeave: () => void
}

/** Asks why a reading is struck that ends the discussion of a filter. */
export function StrikeReason({ words, onStrike, onLeave }: Props) {
  const [why, setWhy] = useState('')
  const [isMissing, setIsMissing] = useState(false)
  const field = useRef<HTMLInputElement>(null)
  const strike = (event: FormEvent) => {
    event.preventDefault()
    if (why.trim() !== '') return onStrike(why.trim())
    setIsMissing(true)
    field.current?.focus()
  }
  return (
    <form data-elsewhere onSubmit={strike} style={{ gridColumn: '1 / -1', paddingBottom: 10 }}>
      <Stack $gap={6}>
        <label htmlFor="strike-reason">{texts.whyIsStruckItEndsThe(words)}</label>
        <InputBox
          id="strike-reason"
          ref={field}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          maxLength={200}
          aria-invalid={isMissing}
          autoFocus
        />
        <ErrorText role="alert">{isMissing && texts.sayWhyInAFewWords}</ErrorText>
        <Row $gap={8}>
          <Button type="submit">{texts.strikeIt}</Button>
          <Button $kind="quiet" onPress={onLeave}>
            {texts.leaveIt}
          </Button>
        </Row>
      </Stack>
    </form>
  )
}
