import { getFormProps } from '@conform-to/react'
import { useState } from 'react'
import { newId } from '#app/data/id.ts'
import { rateSchema } from '#app/features/forms/price-fields.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/money.ts'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Caution, Row, Stack } from '#app/ui/layout.tsx'

/** Two currencies in one line-up: asks for the rate and its day, never guesses. */
export function RateForm({ base, quote, today }: { base: string; quote: string; today: string }) {
  const { Form, result } = useAction()
  const [id] = useState(newId)
  const [form, fields] = useSchemaForm(rateSchema, { result, values: { quotedOn: today } })
  return (
    <Caution as="div">
      <Form method="post" {...getFormProps(form)} aria-label={texts.rateOf(base)}>
        <Stack $gap={8}>
          <span>{texts.somePricesAreInThisPage(base, quote)}</span>
          <input type="hidden" name="id" value={id} />
          <input type="hidden" name="base" value={base} />
          <input type="hidden" name="quote" value={quote} />
          <Row $gap={12} style={{ alignItems: 'flex-end' }}>
            <TextBox field={fields.rate} label={texts.oneIn(base, quote)} inputMode="decimal" />
            <TextBox field={fields.quotedOn} label={texts.onTheDay} type="date" />
            <Button type="submit">{texts.useThisRate}</Button>
          </Row>
        </Stack>
      </Form>
    </Caution>
  )
}
