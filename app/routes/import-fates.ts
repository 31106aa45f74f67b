import { streamFates } from '#app/data/imports.server.ts'
import type { Route } from './+types/import-fates'
import { download, found } from './http.server.ts'

export const loader = ({ params }: Route.LoaderArgs) =>
  download(found(streamFates(params.import), 'This import'), 'fates.csv', 'text/csv')
