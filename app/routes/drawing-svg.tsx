import { renderToStaticMarkup } from 'react-dom/server'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import type { Route } from './+types/drawing-svg'
import { download, found } from './http.server.ts'

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const name = `${specimen.brand} ${specimen.partNumber} ${specimen.label}`
  const { known } = await assessSpecimen(specimen)
  const svg = renderToStaticMarkup(<ExplodedView data={drawingData(specimen.form, known)} width={1100} height={420} title={`${name}, exploded drawing to scale`} />)
  return download(svg, `${name}.svg`, 'image/svg+xml')
}
