import * as texts from '#app/texts/forms.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Row } from '#app/ui/layout.tsx'

interface Props {
  /** Why it was refused; empty when it was not. */
  refusal: string
  label: string
  isIdle: boolean
  onKeep: () => void
  /** Where it goes without keeping anything. */
  back: string
}

/** The end of a page on which something is pasted: why it was refused, keep it, or go back. */
export const KeepLine = ({ refusal, label, isIdle, onKeep, back }: Props) => (
  <>
    <ErrorText role="alert">{refusal}</ErrorText>
    <Row>
      <Button $kind="primary" isDisabled={!isIdle} onPress={onKeep}>
        {label}
      </Button>
      <ButtonLink to={back} $kind="quiet">
        {texts.back}
      </ButtonLink>
    </Row>
  </>
)
