import { useMemo, useState } from 'react'
import { href } from 'react-router'
import type { FilterForm } from '#core/catalogue/index.ts'
import { headingKey, headingOf, type KnownHeadings } from '#core/exchange/sheet-heading.ts'
import { layoutOf, sheetLayouts, sheetValues, type Sheet, type SheetLayout } from '#core/exchange/sheet-layout.ts'
import { suggestProducts } from '#core/exchange/sheet-products.ts'
import { distinctHeadings, sheetReadings, type SheetMapping } from '#core/exchange/sheet-rows.ts'
import type { NamedProduct } from '#core/named-product.ts'
import { KeepLine } from '#app/features/forms/KeepLine.tsx'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/imports.ts'
import { DayField } from '#app/ui/DayField.tsx'
import { Card, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { TableMapping } from './TableMapping.tsx'
import { TablePreview } from './TablePreview.tsx'

interface Props {
  sheet: Sheet
  application: { id: string; form: FilterForm }
  products: readonly NamedProduct[]
  known: KnownHeadings
  today: string
}

/** So many values are looked at on the page; the dry run looks at all. */
const previewed = 400
/** So many headings and products can be put right on the page. */
const listed = 150

/** A table with what its headings stand for, and what becomes of its values. */
export function TableWork({ sheet, application, products, known, today }: Props) {
  const { send, refusal, isIdle } = useAction()
  const [day, setDay] = useState(today)
  const [layout, setLayout] = useState<SheetLayout>(() => layoutOf(sheet, known))
  const [changes, change] = useState<Pick<SheetMapping, 'headings' | 'products'>>({ headings: {}, products: {} })
  const { headings, products: names } = useMemo(
    () => distinctHeadings(sheetValues(sheet, layout, known)),
    [sheet, layout, known],
  )
  const mapping: SheetMapping = useMemo(
    () => ({
      layout,
      headings: {
        ...Object.fromEntries(headings.map((text) => [headingKey(text), headingOf(text, known)])),
        ...changes.headings,
      },
      products: {
        ...suggestProducts(names, products),
        ...changes.products,
      },
    }),
    [layout, headings, names, known, products, changes],
  )
  const readings = useMemo(
    () => sheetReadings(sheet, mapping, application.form, previewed),
    [sheet, mapping, application.form],
  )
  const isWhole = readings.length < previewed
  const count = readings.filter(({ fate }) => fate.state === 'read').length
  return (
    <Card>
      <Stack $gap={18}>
        <SelectMenu
          label={texts.itHas}
          value={layout}
          options={Object.entries(sheetLayouts).map(([value, label]) => ({ value, label }))}
          onPick={(picked) => setLayout(picked as SheetLayout)}
        />
        <TableMapping
          form={application.form}
          mapping={mapping}
          headings={headings.slice(0, listed)}
          names={names.slice(0, listed)}
          products={products}
          onChange={change}
        />
        {(headings.length > listed || names.length > listed) && (
          <Small>{texts.theFirstAreShownTheOthers(listed, headings.length, names.length)}</Small>
        )}
        <TablePreview readings={readings} isWhole={isWhole} />
        <DayField value={day} onChange={setDay} />
        <KeepLine
          refusal={refusal}
          label={isWhole ? texts.lookAtReadingsOnceMore(count) : texts.lookAtAllOfItOnce}
          isIdle={isIdle}
          onKeep={() => send({ day, table: JSON.stringify({ rows: sheet, mapping }) })}
          back={href('/lineups/:application', { application: application.id })}
        />
      </Stack>
    </Card>
  )
}
