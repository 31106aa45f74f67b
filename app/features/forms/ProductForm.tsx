import * as texts from '#app/texts/products.ts'
import { ChoiceBox, TextBox } from '#app/ui/fields.tsx'
import type { ActionResult } from './action-result.ts'
import type { FieldValues } from './field-values.ts'
import { FormFrame } from './FormFrame.tsx'
import { filterFormLabels, filterForms, tierLabels, tiers } from './labels.ts'
import { productSchema } from './product-fields.ts'
import { useSchemaForm } from './useSchemaForm.ts'

interface Props {
  id: string
  /** Of the record that is changed; undefined for a new one. */
  version?: number
  values: FieldValues
  brands: string[]
  result: ActionResult | undefined
  back: string
  /** Where it stands in another page: how it is left; it is sent to that page as what was changed of a product. */
  onLeave?: () => void
}

/** Brand, part number, form and tier of a product. */
export function ProductForm({ id, version, values, brands, result, back, onLeave }: Props) {
  const [form, fields] = useSchemaForm(productSchema, { result, values })
  return (
    <FormFrame
      form={form}
      id={id}
      version={version}
      result={result}
      save={version === undefined ? texts.addTheProduct : texts.saveTheProduct}
      back={back}
      onLeave={onLeave}
    >
      {onLeave && <input type="hidden" name="intent" value="product" />}
      <TextBox field={fields.brand} label={texts.brand} hint={texts.aNewBrandIsMadeWhen} list="brands" autoFocus />
      <datalist id="brands">
        {brands.map((brand) => (
          <option key={brand} value={brand} />
        ))}
      </datalist>
      <TextBox field={fields.partNumber} label={texts.partNumber} />
      <TextBox field={fields.nickname} label={texts.shortName} optional hint={texts.asItIsCalledOnAir} />
      {version === undefined && (
        <TextBox field={fields.revision} label={texts.revision} optional hint={texts.suffixCountryOrDateCodeWhen} />
      )}
      <ChoiceBox
        field={fields.form}
        label={texts.form}
        options={filterForms.map((value) => ({ value, label: filterFormLabels[value] }))}
      />
      <ChoiceBox
        field={fields.tier}
        label={texts.tier}
        options={tiers.map((value) => ({ value, label: tierLabels[value] }))}
      />
    </FormFrame>
  )
}
