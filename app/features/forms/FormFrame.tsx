import { getFormProps, type FormMetadata } from '@conform-to/react'
import { useRef, useState, type ReactNode } from 'react'
import { Form, useNavigation } from 'react-router'
import { styled } from 'styled-components'
import * as texts from '#app/texts/forms.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { useShortcuts } from '#app/features/shortcuts/useShortcuts.ts'
import { Card, Key, Row, Small } from '#app/ui/layout.tsx'
import type { ActionResult } from './action-result.ts'
import { LeaveDialog } from './LeaveDialog.tsx'
import { VersionedFields } from './VersionedFields.tsx'

const Frame = styled(Card)<{ $isWide: boolean }>`
  max-width: ${({ $isWide }) => ($isWide ? 920 : 720)}px;
  form {
    display: grid;
    gap: 20px;
  }
`

interface Props<Fields extends Record<string, string>> {
  form: FormMetadata<Fields>
  id: string
  /** Of the record that is changed; undefined for a new one. */
  version: number | undefined
  result: ActionResult | undefined
  save: string
  back: string
  /** Leaves it where it stands in another page. */
  onLeave?: (() => void) | undefined
  /** Its fields stand in two columns. */
  isWide?: boolean
  children: ReactNode
}

/** A form in a card, with its faults on top, a button to save and a way back; leaving with changes asks. */
export function FormFrame<Fields extends Record<string, string>>({
  form,
  id,
  version,
  result,
  save,
  back,
  onLeave,
  isWide = false,
  children,
}: Props<Fields>) {
  const isBusy = useNavigation().state !== 'idle'
  const own = useRef<HTMLFormElement>(null)
  const [isChanged, setChanged] = useState(false)
  useShortcuts([{ key: 'Ctrl Enter', does: 'save', act: () => own.current?.requestSubmit(), whileTyping: true }])
  return (
    <Frame $isWide={isWide}>
      <Form method="post" {...getFormProps(form)} ref={own} onInput={() => setChanged(true)}>
        <VersionedFields form={form} id={id} version={version} result={result}>
          {children}
        </VersionedFields>
        <Row>
          <Button type="submit" $kind="primary" isDisabled={isBusy}>
            {save}
          </Button>
          {onLeave ? (
            <Button $kind="quiet" onPress={onLeave}>
              {texts.leaveIt}
            </Button>
          ) : (
            <ButtonLink to={back} $kind="quiet">
              {texts.back}
            </ButtonLink>
          )}
          <Small>
            <Key>{texts.ctrlEnter}</Key> {texts.saves}
          </Small>
        </Row>
      </Form>
      <LeaveDialog isChanged={isChanged} />
    </Frame>
  )
}
