import { index, route, type RouteConfig } from '@react-router/dev/routes'

export default [
  index('routes/lineups.tsx'),
  route('lineups/new', 'routes/lineup-new.tsx'),
  route('lineups/:lineup', 'routes/lineup.tsx'),
  route('lineups/:lineup/edit', 'routes/lineup-edit.tsx'),
  route('lineups/:lineup/lineup.csv', 'routes/lineup-csv.ts'),
  route('lineups/:lineup/products/new', 'routes/product-new.tsx'),
  route('products/:product', 'routes/product.tsx'),
  route('products/:product/edit', 'routes/product-edit.tsx'),
  route('products/:product/specimens/new', 'routes/specimen-new.tsx'),
  route('specimens/:specimen/edit', 'routes/specimen-edit.tsx'),
  route('specimens/:specimen/values/:key', 'routes/value.tsx'),
  route('specimens/:specimen/score', 'routes/score.tsx'),
  route('specimens/:specimen/findings', 'routes/findings.tsx'),
  route('specimens/:specimen/drawing.svg', 'routes/drawing-svg.tsx'),
  route('bench', 'routes/bench-latest.tsx'),
  route('bench/:specimen', 'routes/bench.tsx'),
  route('library', 'routes/library.tsx'),
  route('method', 'routes/method.tsx'),
  route('preferences', 'routes/preferences.ts'),
  route('*', 'routes/not-found.tsx'),
] satisfies RouteConfig
