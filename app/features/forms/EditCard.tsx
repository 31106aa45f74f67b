import { getFormProps, type FormMetadata } from '@conform-to/react'
import type { ReactNode } from 'react'
import { Form } from 'react-router'
import * as texts from '#app/texts/forms.ts'
import { Button } from '#app/ui/Button.tsx'
import { Card, Row, Stack } from '#app/ui/layout.tsx'
import type { ActionResult } from './action-result.ts'
import { VersionedFields } from './VersionedFields.tsx'

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
  /** What is being changed; undefined while a new one is added. */
  edited: { name: string; version: number } | undefined
  result: ActionResult | undefined
  onDone: () => void
  children: ReactNode
}

/** A form below a list that adds one to it, or changes one of it. */
export function EditCard<Fields extends Record<string, string>>({
  form,
  id,
  noun,
  edited,
  result,
  onDone,
  children,
}: Props<Fields>) {
  const article = /^[aeiou]/.test(noun) ? 'an' : 'a'
  return (
    <Card style={{ maxWidth: 760 }}>
      <Form method="post" {...getFormProps(form)}>
        <Stack $gap={18}>
          <h2>{edited ? texts.change(edited.name) : texts.add(article, noun)}</h2>
          <input type="hidden" name="intent" value="save" />
          <VersionedFields form={form} id={id} version={edited?.version} result={result}>
            {children}
          </VersionedFields>
          <Row>
            <Button type="submit" $kind="primary">
              {edited ? texts.saveThe(noun) : texts.addThe(noun)}
            </Button>
            {edited && (
              <Button $kind="quiet" onPress={onDone}>
                {texts.leaveIt}
              </Button>
            )}
          </Row>
        </Stack>
      </Form>
    </Card>
  )
}
