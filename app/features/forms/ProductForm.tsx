import type { SubmissionResult } from '@conform-to/react'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import { FormFrame } from './FormFrame.tsx'
import { formLabels, forms, tierLabels, tiers } from './labels.ts'
import { productSchema } from './schemas.ts'
import { useSchemaForm } from './useSchemaForm.ts'

interface Props {
  id: string
  start: Record<string, string>
  isNew: boolean
  brands: string[]
  last: SubmissionResult<string[]> | null | undefined
  back: string
}

export function ProductForm({ id, start, isNew, brands, last, back }: Props) {
  const [form, fields] = useSchemaForm(productSchema, { last, start })
  return (
    <FormFrame form={form} id={id} save={isNew ? 'Add the product' : 'Save the product'} back={back}>
      <TextBox
        field={fields.brand!}
        label="Brand"
        hint="A new brand is made when you name it."
        list="brands"
        autoFocus
      />
      <datalist id="brands">
        {brands.map((brand) => (
          <option key={brand} value={brand} />
        ))}
      </datalist>
      <TextBox field={fields.partNumber!} label="Part number" />
      {isNew && (
        <TextBox
          field={fields.revision!}
          label="Revision"
          optional
          hint="Suffix, country or date code when the same number has changed inside."
        />
      )}
      <ChoiceBox
        field={fields.form!}
        label="Form"
        options={forms.map((value) => ({ value, label: formLabels[value] }))}
      />
      <ChoiceBox
        field={fields.tier!}
        label="Tier"
        options={tiers.map((value) => ({ value, label: tierLabels[value] }))}
      />
    </FormFrame>
  )
}
