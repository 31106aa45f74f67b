import { readSheetFile } from '#app/data/read-sheet.server.ts'
import * as texts from '#app/texts/said-table.ts'
import type { Route } from './+types/table-read'
import { accepted, refused } from './http.server.ts'

/** Reads a file of a table, sent as the bare body; nothing is kept of it. */
export async function action({ request }: Route.ActionArgs) {
  if (!request.body) return refused(texts.noFileArrivedChooseOneAnd)
  const sheets = await readSheetFile(request.body)
  return sheets.ok ? accepted({ sheets: sheets.value }) : refused(sheets.problem.message)
}
