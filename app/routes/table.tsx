import { groupBy } from '#core/group-by.ts'
import { useDeferredValue, useMemo, useState } from 'react'
import { href, Link, redirect } from 'react-router'
import { formatCsv, parseCells } from '#core/exchange/csv.ts'
import { readingColumns } from '#core/exchange/readings-csv.ts'
import { sheetLimits, trimSheet } from '#core/exchange/sheet-layout.ts'
import { sheetReadings, sheetRows, type SheetTarget } from '#core/exchange/sheet-rows.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { today } from '#app/data/clock.ts'
import { beginImport } from '#app/data/imports.server.ts'
import { listProducts } from '#app/data/products.server.ts'
import type { NamedSheet } from '#app/data/read-sheet.server.ts'
import { keepHeadings, knownHeadings } from '#app/data/sheet-headings.server.ts'
import { listSpecimens } from '#app/data/specimens.server.ts'
import { streamOf } from '#app/data/stream.server.ts'
import { tableFormSchema } from '#app/features/forms/table-fields.ts'
import { useUpload } from '#app/features/forms/useUpload.ts'
import { TableWork } from '#app/features/imports/TableWork.tsx'
import * as texts from '#app/texts/said-table.ts'
import { FileBox } from '#app/ui/FileBox.tsx'
import { AreaBox } from '#app/ui/inputs.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import type { Route } from './+types/table'
import { fieldsOf, found, parseFields, refused } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.yourTableTitle }]

export async function loader({ params }: Route.LoaderArgs) {
  const { id, name, form } = found(await findApplication(params.application), texts.thisLineUp)
  const [products, known] = await Promise.all([listProducts(id), knownHeadings()])
  return {
    application: { id, name, form },
    products: products.map(({ id: product, brand, partNumber, nickname }) => ({
      id: product,
      brand,
      partNumber,
      nickname,
    })),
    known,
    today: today(),
  }
}

export async function action({ params, request }: Route.ActionArgs) {
  const application = found(await findApplication(params.application), texts.thisLineUp)
  const parsed = parseFields(tableFormSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const { table, day } = parsed.value
  const { name, form } = application
  const readings = sheetReadings(trimSheet(table.rows), table.mapping, form)
  const rows = sheetRows(readings, await targetsOf(application.id), {
    application: name,
    form,
    recordedAt: `${day}T00:00:00.000Z`,
  })
  if (rows.length === 0) return refused(texts.nothingInThisTableCanBe)
  await keepHeadings(table.mapping.headings)
  const cells = [[...readingColumns], ...rows.map((row) => readingColumns.map((column) => row[column]))]
  const begun = await beginImport(texts.tableOf(name), streamOf([formatCsv(cells)]))
  return 'refused' in begun ? refused(begun.refused) : redirect(href('/import/:import', { import: begun.id }))
}

/** The products of a line-up with their specimens: they take what a table says. */
async function targetsOf(application: string): Promise<ReadonlyMap<string, SheetTarget>> {
  const specimens = groupBy(await listSpecimens(application), ({ productId }) => productId)
  const products = await listProducts(application)
  return new Map(
    products.map(({ id, brand, partNumber }) => {
      const own = (specimens.get(id) ?? []).map(({ label, revisionLabel: revision }) => ({ label, revision }))
      return [id, { id, brand, partNumber, specimens: own }]
    }),
  )
}

export default function TablePage({ loaderData }: Route.ComponentProps) {
  const { application } = loaderData
  const [text, setText] = useState('')
  const [sheets, setSheets] = useState<readonly NamedSheet[]>()
  const [chosen, choose] = useState(0)
  const { send, ...upload } = useUpload<{ sheets: NamedSheet[] }>(
    href('/lineups/:application/table/read', { application: application.id }),
    (read) => {
      setSheets(read.sheets)
      choose(0)
    },
  )
  const pasted = useDeferredValue(text)
  const typed = useMemo(() => trimSheet(parseCells(pasted, sheetLimits.rows)), [pasted])
  const sheet = sheets?.[chosen]?.rows ?? typed
  const lineup = href('/lineups/:application', { application: application.id })
  return (
    <Page>
      <Stack $gap={4}>
        <Link to={lineup}>{application.name}</Link>
        <h1>{texts.yourTableAsItIs}</h1>
        <Soft>{texts.pasteCellsOutOfASpreadsheet}</Soft>
      </Stack>
      <Card>
        <Stack $gap={12}>
          <label htmlFor="cells" style={{ font: '600 17px/1.2 var(--label)' }}>
            {texts.cells}
          </label>
          <AreaBox
            id="cells"
            value={text}
            spellCheck={false}
            style={{ minHeight: 130, fontFamily: 'var(--mono, monospace)' }}
            onChange={(event) => {
              setSheets(undefined)
              setText(event.target.value)
            }}
          />
          <Row>
            <FileBox
              id="file"
              label={texts.orAFile}
              accept=".xlsx,.csv,.tsv,.txt"
              {...upload}
              onFile={(file) => void send(file)}
            />
            {sheets && sheets.length > 1 && (
              <SelectMenu
                label={texts.sheet}
                value={String(chosen)}
                options={sheets.map(({ name }, at) => ({ value: String(at), label: name }))}
                onPick={(at) => choose(Number(at))}
              />
            )}
          </Row>
        </Stack>
      </Card>
      {sheet.length > 1 ? (
        <TableWork
          key={`${chosen} ${sheets ? 'file' : 'text'} ${sheet[0]?.join('|')} ${sheet.length}`}
          sheet={sheet}
          {...loaderData}
        />
      ) : (
        text !== '' && <Soft>{texts.aTableHasAHeadAnd}</Soft>
      )}
    </Page>
  )
}
