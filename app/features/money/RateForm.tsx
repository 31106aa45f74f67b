import type { SubmissionResult } from '@conform-to/react'
import { getFormProps } from '@conform-to/react'
import { useFetcher } from 'react-router'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Caution, Row, Stack } from '#app/ui/layout.tsx'
import { rateSchema } from '../forms/market-schemas.ts'
import { useSchemaForm } from '../forms/useSchemaForm.ts'

/** Two currencies in one line-up: asks for the rate and its day, never guesses. */
export function RateForm({ from, to, today }: { from: string; to: string; today: string }) {
  const fetcher = useFetcher<{ result: SubmissionResult<string[]> }>()
  const [form, fields] = useSchemaForm(rateSchema, { last: fetcher.data?.result, start: { on: today } })
  return (
    <Caution as="div">
      <fetcher.Form method="post" {...getFormProps(form)} aria-label={`Rate of ${from}`}>
        <Stack $gap={8}>
          <span>
            Some prices are in {from}, this page is in {to}. They stay out of the comparison until you give a rate.
          </span>
          <input type="hidden" name="intent" value="rate" />
          <input type="hidden" name="from" value={from} />
          <input type="hidden" name="to" value={to} />
          <Row $gap={12} style={{ alignItems: 'flex-end' }}>
            <TextBox field={fields.rate!} label={`One ${from} in ${to}`} inputMode="decimal" />
            <TextBox field={fields.on!} label="On the day" type="date" />
            <Button type="submit">Use this rate</Button>
          </Row>
        </Stack>
      </fetcher.Form>
    </Caution>
  )
}
