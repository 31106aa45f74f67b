import { href } from 'react-router'
import { currencies } from '#core/money/currency.ts'
import type { StoredPurchase } from '#app/data/purchases.server.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { FormFrame } from '#app/features/forms/FormFrame.tsx'
import { Pair } from '#app/features/forms/Pair.tsx'
import { purchaseSchema, purchaseValues } from '#app/features/forms/plan-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/plan.ts'
import { TextBox } from '#app/ui/fields.tsx'
import { SelectField } from '#app/ui/Select.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** A purchase: how many, where, for how much, and when they are expected. */
export function PurchaseForm({ purchase, result }: { purchase: StoredPurchase; result: ActionResult | undefined }) {
  const { money } = usePreferences()
  const values = purchaseValues(purchase)
  const [form, fields] = useSchemaForm(purchaseSchema, {
    result,
    values: { ...values, currency: values.currency || money || 'EUR' },
  })
  return (
    <FormFrame
      form={form}
      id={purchase.id}
      version={purchase.version}
      result={result}
      save={texts.saveThePurchase}
      back={href('/plan')}
    >
      <Pair>
        <TextBox field={fields.count} label={texts.howMany} inputMode="decimal" />
        <TextBox field={fields.reason} label={texts.whatFor} optional />
      </Pair>
      <TextBox field={fields.shop} label={texts.shop} optional />
      <Pair>
        <TextBox field={fields.price} label={texts.priceOfOne} optional inputMode="decimal" placeholder="12.50" />
        <SelectField
          field={fields.currency}
          label={texts.currency}
          options={currencies.map((value) => ({ value, label: value }))}
        />
      </Pair>
      <Pair>
        <TextBox field={fields.orderedOn} label={texts.orderedOn} type="date" optional />
        <TextBox field={fields.expectedOn} label={texts.expectedOn} type="date" optional />
      </Pair>
    </FormFrame>
  )
}
