import { getFormProps, type FormMetadata } from '@conform-to/react'
import type { ReactNode } from 'react'
import { Form } from 'react-router'
import { Button } from '#app/ui/Button.tsx'
import { Card, Row, Stack } from '#app/ui/layout.tsx'
import type { ActionResult } from './action-result.ts'

/** What the form below a list is given: one of the list to change, or none while a new one is added. */
export interface EditFormProps<Listed> {
  id: string
  edited: Listed | undefined
  result: ActionResult | undefined
  onDone: () => void
}

interface Props<Fields extends Record<string, string>> {
  form: FormMetadata<Fields>
  id: string
  /** What is added or changed, such as "driver". */
  noun: string
  /** Name of what is being changed; undefined while a new one is added. */
  edited: string | undefined
  onDone: () => void
  children: ReactNode
}

/** A form below a list that adds one to it, or changes one of it. */
export function EditCard<Fields extends Record<string, string>>({
  form,
  id,
  noun,
  edited,
  onDone,
  children,
}: Props<Fields>) {
  const article = /^[aeiou]/.test(noun) ? 'an' : 'a'
  return (
    <Card style={{ maxWidth: 760 }}>
      <Form method="post" {...getFormProps(form)}>
        <Stack $gap={18}>
          <h2>{edited ? `Change ${edited}` : `Add ${article} ${noun}`}</h2>
          <input type="hidden" name="intent" value="save" />
          <input type="hidden" name="id" value={id} />
          {children}
          <Row>
            <Button type="submit" $kind="primary">
              {edited ? `Save the ${noun}` : `Add the ${noun}`}
            </Button>
            {edited && (
              <Button $kind="quiet" onPress={onDone}>
                Leave it
              </Button>
            )}
          </Row>
        </Stack>
      </Form>
    </Card>
  )
}
