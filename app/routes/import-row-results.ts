import { streamRowResults } from '#app/data/imports.server.ts'
import * as texts from '#app/texts/imports.ts'
import type { Route } from './+types/import-row-results'
import { download, found } from './http.server.ts'

/** What becomes of every row of an import. */
export const loader = ({ params }: Route.LoaderArgs) =>
  download(found(streamRowResults(params.import), texts.thisImport), 'row-results.csv', 'text/csv')
