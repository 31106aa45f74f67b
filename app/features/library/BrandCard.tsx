import { getFormProps } from '@conform-to/react'
import { Form, href, Link } from 'react-router'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { brandSchema } from '#app/features/forms/product-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/library.ts'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'

interface Props {
  brands: { id: string; name: string; products: number }[]
  newBrand: string
  result: ActionResult | undefined
}

/** The brands there are, and a new one. */
export function BrandCard({ brands, newBrand, result }: Props) {
  const [form, fields] = useSchemaForm(brandSchema, { result, values: {} })
  return (
    <Card>
      <Stack>
        <h2>{texts.brands}</h2>
        <p>
          {brands.length === 0 ? (
            <Soft>{texts.brandsWillStandHereEachWith}</Soft>
          ) : (
            brands.map(({ id, name, products }, at) => (
              <span key={id}>
                {at > 0 && ' · '}
                <Link to={href('/brands/:brand', { brand: id })}>{name}</Link> ({products})
              </span>
            ))
          )}
        </p>
        <Form method="post" {...getFormProps(form)}>
          <input type="hidden" name="id" value={newBrand} />
          <Row style={{ alignItems: 'flex-end' }}>
            <TextBox field={fields.name} label={texts.newBrand} />
            <Button type="submit">{texts.addTheBrand}</Button>
          </Row>
        </Form>
      </Stack>
    </Card>
  )
}
