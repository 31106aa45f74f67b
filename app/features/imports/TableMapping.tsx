import { catalogueFor, findCharacteristic, type FilterForm } from '#core/catalogue/index.ts'
import { headingKey, type Heading } from '#core/exchange/sheet-heading.ts'
import type { SheetProduct } from '#core/exchange/sheet-products.ts'
import type { SheetMapping } from '#core/exchange/sheet-rows.ts'
import type { NamedProduct } from '#core/named-product.ts'
import * as texts from '#app/texts/imports.ts'
import { Button } from '#app/ui/Button.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { Table } from '#app/ui/Table.tsx'

interface Props {
  form: FilterForm
  mapping: SheetMapping
  headings: readonly string[]
  names: readonly string[]
  products: readonly NamedProduct[]
  onChange: (mapping: SheetMapping) => void
}

/** Letters that a label of a specimen may have. */
const longestSpecimen = 20

const leftAway = { value: '', label: texts.leftAway }

/** What each heading of a table stands for; both can be put right. */
export function TableMapping({ form, mapping, headings, names, products, onChange }: Props) {
  const setHeading = (text: string, heading: Heading) =>
    onChange({ ...mapping, headings: { ...mapping.headings, [headingKey(text)]: heading } })
  const setProduct = (text: string, product: SheetProduct) =>
    onChange({ ...mapping, products: { ...mapping.products, [text]: product } })
  const options = catalogueFor(form).map(({ key, label }) => ({ value: key, label }))
  return (
    <Row $gap={24} style={{ alignItems: 'flex-start' }}>
      <Stack $gap={8} style={{ flex: '1 1 460px' }}>
        <h2>{texts.whatIsMeasured}</h2>
        <Table aria-label={texts.whatTheHeadingsStandFor}>
          <thead>
            <tr>
              <th scope="col">{texts.inTheTable}</th>
              <th scope="col">{texts.is}</th>
              <th scope="col">{texts.plainNumbersIn}</th>
            </tr>
          </thead>
          <tbody>
            {headings.map((text) => (
              <HeadingRow
                key={headingKey(text)}
                text={text}
                heading={mapping.headings[headingKey(text)] ?? { characteristic: '', unit: '' }}
                options={options}
                onChange={(heading) => setHeading(text, heading)}
              />
            ))}
          </tbody>
        </Table>
      </Stack>
      <Stack $gap={8} style={{ flex: '1 1 420px' }}>
        <h2>{texts.whoseItIs}</h2>
        <Table aria-label={texts.whoseTheValuesAre}>
          <thead>
            <tr>
              <th scope="col">{texts.inTheTable}</th>
              <th scope="col">{texts.is}</th>
              <th scope="col">{texts.specimen}</th>
            </tr>
          </thead>
          <tbody>
            {names.map((text) => (
              <ProductRow
                key={text}
                text={text}
                product={mapping.products[text]}
                products={products}
                onChange={(product) => setProduct(text, product)}
              />
            ))}
          </tbody>
        </Table>
      </Stack>
    </Row>
  )
}

interface HeadingProps {
  text: string
  heading: Heading
  options: { value: string; label: string }[]
  onChange: (heading: Heading) => void
}

function HeadingRow({ text, heading, options, onChange }: HeadingProps) {
  const characteristic = findCharacteristic(heading.characteristic)
  const units = characteristic && 'units' in characteristic ? characteristic.units : []
  return (
    <tr style={characteristic ? undefined : { background: 'var(--amber-soft)' }}>
      <td>{text}</td>
      <td>
        <SelectMenu
          name={`What "${text}" is`}
          value={heading.characteristic}
          options={[leftAway, ...options]}
          onPick={(key) => onChange({ characteristic: key, unit: '' })}
        />
      </td>
      <td>
        {units.length > 0 && (
          <SelectMenu
            name={`Unit of "${text}"`}
            value={heading.unit}
            options={[
              { value: '', label: texts.orAsItSays(units[0]) },
              ...[...new Set([...units, heading.unit].filter(Boolean))].map((unit) => ({ value: unit, label: unit })),
            ]}
            onPick={(unit) => onChange({ ...heading, unit })}
          />
        )}
      </td>
    </tr>
  )
}

interface ProductProps {
  text: string
  product: SheetProduct | undefined
  products: readonly NamedProduct[]
  onChange: (product: SheetProduct) => void
}

function ProductRow({ text, product, products, onChange }: ProductProps) {
  if (!product) return null
  const pick = (value: string) => {
    const there = products.find(({ id }) => id === value)
    if (there) onChange({ ...product, id: there.id, brand: there.brand, partNumber: there.partNumber, isLeft: false })
    else onChange({ ...product, id: '', isLeft: value === 'left' })
  }
  return (
    <tr style={product.isLeft ? { background: 'var(--amber-soft)' } : undefined}>
      <td>{text}</td>
      <td>
        <Stack $gap={6}>
          <SelectMenu
            name={`Who "${text}" is`}
            value={product.isLeft ? 'left' : product.id}
            options={[
              { value: '', label: texts.aNewProduct },
              { value: 'left', label: texts.leftAway },
              ...products.map(({ id, brand, partNumber }) => ({ value: id, label: `${brand} ${partNumber}` })),
            ]}
            onPick={pick}
          />
          {product.id === '' && !product.isLeft && (
            <Row $gap={6}>
              <InputBox
                aria-label={texts.brandOf(text)}
                value={product.brand}
                style={{ width: 150 }}
                onChange={(event) => onChange({ ...product, brand: event.target.value })}
              />
              <InputBox
                aria-label={texts.partNumberOf(text)}
                value={product.partNumber}
                style={{ width: 150 }}
                onChange={(event) => onChange({ ...product, partNumber: event.target.value })}
              />
              {product.brand !== '' && product.partNumber !== '' && (
                <Button
                  $kind="quiet"
                  onPress={() => onChange({ ...product, brand: product.partNumber, partNumber: product.brand })}
                >
                  {texts.swap}
                </Button>
              )}
            </Row>
          )}
        </Stack>
      </td>
      <td>
        {!product.isLeft && (
          <InputBox
            aria-label={texts.specimenOf(text)}
            value={product.specimen}
            placeholder={texts.first}
            maxLength={longestSpecimen}
            style={{ width: 74 }}
            onChange={(event) => onChange({ ...product, specimen: event.target.value })}
          />
        )}
      </td>
    </tr>
  )
}
