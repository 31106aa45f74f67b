import { getFormProps } from '@conform-to/react'
import { useState } from 'react'
import { instrumentKinds } from '#core/teardown/instrument.ts'
import { newId } from '#app/data/id.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import { checkSchema } from '#app/features/forms/instrument-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/instruments.ts'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Row } from '#app/ui/layout.tsx'

/** A check of an instrument against a known piece. */
export function CheckForm({ instrument: { id: instrumentId, kind, name } }: { instrument: StoredInstrument }) {
  const { Form, result } = useAction()
  const [id] = useState(newId)
  const [form, fields] = useSchemaForm(checkSchema, { result, values: {} })
  const [unit] = instrumentKinds[kind].units
  return (
    <Form method="post" {...getFormProps(form)} aria-label={texts.checkOf(name)}>
      <input type="hidden" name="intent" value="check" />
      <input type="hidden" name="id" value={id} />
      <input type="hidden" name="instrumentId" value={instrumentId} />
      <input type="hidden" name="kind" value={kind} />
      <Row $gap={8} style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
        <TextBox field={fields.referenceValue} label={texts.knownPiece} placeholder={unit} />
        <TextBox field={fields.indication} label={texts.itShowed} placeholder={unit} />
        <Button type="submit">{texts.keep}</Button>
      </Row>
    </Form>
  )
}
