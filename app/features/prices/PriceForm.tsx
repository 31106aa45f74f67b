import { getFormProps } from '@conform-to/react'
import { Form } from 'react-router'
import { currencies } from '#core/money/currency.ts'
import type { Price } from '#core/money/landed.ts'
import type { Revision } from '#app/data/products.server.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { priceSchema } from '#app/features/forms/price-fields.ts'
import { MoreFields } from '#app/features/forms/MoreFields.tsx'
import { RevisionField } from '#app/features/forms/RevisionField.tsx'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Alert, Card, Row, Stack } from '#app/ui/layout.tsx'
import { SelectField } from '#app/ui/Select.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

interface Props {
  id: string
  today: string
  /** The price that was read last: its shop and currency are likely again. */
  latest: Price | undefined
  revisions: readonly Revision[]
  result: ActionResult | undefined
}

const topAligned = { alignItems: 'flex-start' } as const

/** A price as a shop asks it, with its freight and what comes along. */
export function PriceForm({ id, today, latest, revisions, result }: Props) {
  const { money } = usePreferences()
  const [form, fields] = useSchemaForm(priceSchema, {
    result,
    values: {
      observedOn: today,
      currency: latest?.currency ?? (money || 'EUR'),
      packSize: '1',
      shop: latest?.shop ?? '',
    },
  })
  const { packContent, subscription, pack, least, extras, extrasWorth } = fields
  const seldom = [packContent, subscription, pack, least, extras, extrasWorth]
  return (
    <Card style={{ maxWidth: 860 }}>
      <Form method="post" {...getFormProps(form)}>
        <Stack $gap={16}>
          <h2>Add a price</h2>
          {form.errors && <Alert role="alert">{form.errors.join(' ')}</Alert>}
          <input type="hidden" name="id" value={id} />
          <Row $gap={16} style={topAligned}>
            <TextBox field={fields.shop} label="Shop" />
            <SelectField
              field={fields.shopLeaves}
              label="In what leaves"
              options={[
                { value: 'yes', label: 'the shop is named' },
                { value: 'no', label: 'the shop stays with me' },
              ]}
            />
            <TextBox field={fields.observedOn} label="Day" type="date" />
            <RevisionField field={fields.revisionId} revisions={revisions} />
          </Row>
          <Row $gap={16} style={topAligned}>
            <TextBox field={fields.amount} label="Price of a pack" inputMode="decimal" placeholder="12.50" />
            <SelectField
              field={fields.currency}
              label="Currency"
              options={currencies.map((value) => ({ value, label: value }))}
            />
            <TextBox field={fields.packSize} label="Filters in a pack" inputMode="decimal" />
          </Row>
          <Row $gap={16} style={topAligned}>
            <TextBox field={fields.order} label="Freight, an order" optional inputMode="decimal" />
            <TextBox field={fields.freeFrom} label="Free from" optional inputMode="decimal" />
          </Row>
          <MoreFields label="a subscription, what is in a pack, freight a pack, what comes along" fields={seldom}>
            <Row $gap={16} style={topAligned}>
              <SelectField
                field={fields.packContent}
                label="In a pack"
                options={[
                  { value: '', label: 'not looked at' },
                  { value: 'same', label: 'same number and insides' },
                  { value: 'differs', label: 'another filter inside' },
                ]}
              />
              <TextBox field={fields.subscription} label="Off by subscription, %" optional inputMode="decimal" />
            </Row>
            <Row $gap={16} style={topAligned}>
              <TextBox field={fields.pack} label="Freight, a pack" optional inputMode="decimal" />
              <TextBox field={fields.least} label="Freight, at least" optional inputMode="decimal" />
            </Row>
            <Row $gap={16} style={topAligned}>
              <TextBox field={fields.extras} label="Comes along" optional placeholder="drain washer" />
              <TextBox field={fields.extrasWorth} label="worth alone, each" optional inputMode="decimal" />
            </Row>
          </MoreFields>
          <div>
            <Button type="submit" $kind="primary">
              Add the price
            </Button>
          </div>
        </Stack>
      </Form>
    </Card>
  )
}
