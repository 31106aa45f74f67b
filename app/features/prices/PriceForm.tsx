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
import * as texts from '#app/texts/prices.ts'
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
          <h2>{texts.addAPrice}</h2>
          {form.errors && <Alert role="alert">{form.errors.join(' ')}</Alert>}
          <input type="hidden" name="id" value={id} />
          <Row $gap={16} style={topAligned}>
            <TextBox field={fields.shop} label={texts.shop} />
            <SelectField
              field={fields.shopLeaves}
              label={texts.inWhatLeaves}
              options={[
                { value: 'yes', label: texts.theShopIsNamed },
                { value: 'no', label: texts.theShopStaysWithMe },
              ]}
            />
            <TextBox field={fields.observedOn} label={texts.day} type="date" />
            <RevisionField field={fields.revisionId} revisions={revisions} />
          </Row>
          <Row $gap={16} style={topAligned}>
            <TextBox field={fields.amount} label={texts.priceOfAPack} inputMode="decimal" placeholder="12.50" />
            <SelectField
              field={fields.currency}
              label={texts.currency}
              options={currencies.map((value) => ({ value, label: value }))}
            />
            <TextBox field={fields.packSize} label={texts.filtersInAPack} inputMode="decimal" />
          </Row>
          <Row $gap={16} style={topAligned}>
            <TextBox field={fields.order} label={texts.freightAnOrder} optional inputMode="decimal" />
            <TextBox field={fields.freeFrom} label={texts.freeFrom} optional inputMode="decimal" />
          </Row>
          <MoreFields label={texts.aSubscriptionWhatIsInA} fields={seldom}>
            <Row $gap={16} style={topAligned}>
              <SelectField
                field={fields.packContent}
                label={texts.inAPack}
                options={[
                  { value: '', label: texts.notLookedAt },
                  { value: 'same', label: texts.sameNumberAndInsides },
                  { value: 'differs', label: texts.anotherFilterInside },
                ]}
              />
              <TextBox field={fields.subscription} label={texts.offBySubscription2} optional inputMode="decimal" />
            </Row>
            <Row $gap={16} style={topAligned}>
              <TextBox field={fields.pack} label={texts.freightAPack} optional inputMode="decimal" />
              <TextBox field={fields.least} label={texts.freightAtLeast} optional inputMode="decimal" />
            </Row>
            <Row $gap={16} style={topAligned}>
              <TextBox field={fields.extras} label={texts.comesAlong} optional placeholder={texts.drainWasher} />
              <TextBox field={fields.extrasWorth} label={texts.worthAloneEach} optional inputMode="decimal" />
            </Row>
          </MoreFields>
          <div>
            <Button type="submit" $kind="primary">
              {texts.addThePrice}
            </Button>
          </div>
        </Stack>
      </Form>
    </Card>
  )
}
