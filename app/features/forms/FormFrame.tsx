import { getFormProps, type FormMetadata } from '@conform-to/react'
import type { ReactNode } from 'react'
import { Form, useNavigation } from 'react-router'
import { styled } from 'styled-components'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { Alert, Card, Row } from '#app/ui/layout.tsx'

const Frame = styled(Card)`
  max-width: 720px;
  form {
    display: grid;
    gap: 20px;
  }
`

interface Props<Fields extends Record<string, string>> {
  form: FormMetadata<Fields>
  id: string
  save: string
  back: string
  children: ReactNode
}

/** A form in a card, with its faults on top, a button to save and a way back. */
export function FormFrame<Fields extends Record<string, string>>({ form, id, save, back, children }: Props<Fields>) {
  const isBusy = useNavigation().state !== 'idle'
  return (
    <Frame>
      <Form method="post" {...getFormProps(form)}>
        <input type="hidden" name="id" value={id} />
        {form.errors && <Alert role="alert">{form.errors.join(' ')}</Alert>}
        {children}
        <Row>
          <Button type="submit" $kind="primary" isDisabled={isBusy}>
            {save}
          </Button>
          <ButtonLink to={back} $kind="quiet">
            Back
          </ButtonLink>
        </Row>
      </Form>
    </Frame>
  )
}
