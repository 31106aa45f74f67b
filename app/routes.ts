import { index, route, type RouteConfig } from '@react-router/dev/routes'

export default [
  index('routes/lineups.tsx'),
  route('lineups/new', 'routes/application-new.tsx'),
  route('lineups/:application', 'routes/lineup-layout.tsx', [
    index('routes/lineup.tsx'),
    route('face-off', 'routes/face-off.tsx'),
    route('claims', 'routes/claims.tsx'),
    route('money', 'routes/money.tsx'),
    route('verdict', 'routes/verdict.tsx'),
    route('score/:column', 'routes/column-score.tsx'),
  ]),
  route('lineups/:application/edit', 'routes/application-edit.tsx'),
  route('lineups/:application/products/new', 'routes/product-new.tsx'),
  route('lineups/:application/lineup.csv', 'routes/lineup-csv.ts'),
  route('lineups/:application/readings.csv', 'routes/export-readings.ts', { id: 'lineup-readings' }),
  route('lineups/:application/figures.json', 'routes/export-figures.ts', { id: 'figures-json' }),
  route('lineups/:application/figures.csv', 'routes/export-figures.ts', { id: 'figures-csv' }),
  ...['face-off', 'claims', 'money', 'verdict'].map((view) =>
    route(view, 'routes/redirect-to-latest.ts', { id: `latest-${view}` }),
  ),

  route('products/:product', 'routes/product-layout.tsx', [
    index('routes/product.tsx'),
    route('edit', 'routes/product-edit.tsx'),
    route('prices', 'routes/prices.tsx'),
    route('claims/new', 'routes/claim-new.tsx'),
    route('claims/read', 'routes/claims-read.tsx'),
    route('specimens/new', 'routes/specimen-new.tsx'),
  ]),
  route('claims/:claim', 'routes/claim-edit.tsx'),

  route('specimens/:specimen', 'routes/specimen-layout.tsx', [
    route('edit', 'routes/specimen-edit.tsx'),
    route('values/:key', 'routes/value.tsx'),
    route('score', 'routes/specimen-score.tsx'),
    route('findings', 'routes/findings.tsx'),
    route('log', 'routes/log.tsx'),
  ]),
  route('specimens/:specimen/drawing.svg', 'routes/drawing-svg.tsx'),
  route('specimens/:specimen/photos', 'routes/photos.ts'),
  route('photos/:photo', 'routes/photo.ts'),

  route('bench', 'routes/bench-latest.tsx'),
  route('bench/:specimen', 'routes/bench.tsx'),
  route('bench/:specimen/acts', 'routes/bench-acts.ts'),
  route('bench/:specimen/next-answers', 'routes/next-answers.ts'),
  route('bench/:specimen/distribution/:characteristic', 'routes/distribution.ts'),

  route('backups', 'routes/backups.tsx'),
  route('backups/file', 'routes/backup-file.ts'),
  route('backups/readable.zip', 'routes/backup-readable.ts'),
  route('backups/:name', 'routes/backup.ts'),

  route('library', 'routes/library.tsx'),
  route('import', 'routes/import-new.tsx'),
  route('import/file', 'routes/import-file.ts'),
  route('import/:import', 'routes/import.tsx'),
  route('import/:import/row-results.csv', 'routes/import-row-results.ts'),
  route('export/readings.csv', 'routes/export-readings.ts', { id: 'all-readings' }),

  route('instruments', 'routes/instruments.tsx'),
  route('drivers', 'routes/drivers.tsx'),
  route('schools', 'routes/schools.tsx'),
  route('schools/by-question', 'routes/school-by-question.tsx'),
  route('schools/side-by-side', 'routes/schools-side-by-side.tsx'),
  route('schools/:school', 'routes/school-edit.tsx'),
  route('method', 'routes/method.tsx'),
  route('how-sure', 'routes/how-sure.tsx'),
  route('method/edit', 'routes/method-edit.tsx'),
  route('preferences', 'routes/preferences.ts'),
  route('*', 'routes/not-found.tsx'),
] satisfies RouteConfig
