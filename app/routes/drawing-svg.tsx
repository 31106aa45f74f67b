import { renderToStaticMarkup } from 'react-dom/server'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { cachedQuery } from '#app/data/query-cache.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import type { Route } from './+types/drawing-svg'
import { download, found } from './http.server.ts'

/** The drawing of a specimen as a file; with `head`, a small one with no words for the head of a column. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const name = `${specimen.brand} ${specimen.partNumber} ${specimen.label}`
  const head = new URL(request.url).searchParams.has('head')
  const svg = await cachedQuery(`drawing ${specimen.id} ${head}`, async () => {
    const data = drawingData(specimen.form, (await assessSpecimen(specimen)).values, specimen.sizeClass)
    return renderToStaticMarkup(
      head ? (
        <ExplodedView data={data} width={360} height={104} labels={false} dimensions={false} title={name} />
      ) : (
        <ExplodedView data={data} width={1100} height={420} title={`${name}, exploded drawing to scale`} />
      ),
    )
  })
  if (!head) return download(svg, `${name}.svg`, 'image/svg+xml')
  return new Response(svg, { headers: { 'Content-Type': 'image/svg+xml; charset=utf-8', 'Cache-Control': 'no-cache' } })
}
