import { renderToStaticMarkup } from 'react-dom/server'
import { oilStates, oilWay } from '#core/figures/oil-way.ts'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { OilWay } from '#app/drawing/OilWay.tsx'
import type { Route } from './+types/oil-way-svg'
import { download, found } from './http.server.ts'

/** The oil's way through a specimen as a file, in the state that is asked for. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const asked = new URL(request.url).searchParams.get('state')
  const { key, label } = oilStates.find((one) => one.key === asked) ?? oilStates[0]
  const { values } = await assessSpecimen(specimen)
  const { bypass, drainBack, says } = oilWay(specimen.form, values)
  const svg = renderToStaticMarkup(
    <OilWay
      data={drawingData(specimen.form, values, specimen.sizeClass)}
      state={key}
      bypass={bypass}
      drains={drainBack === 'drains'}
      width={1100}
      height={430}
      title={says[key]}
    />,
  )
  const name = `${specimen.brand} ${specimen.partNumber} ${specimen.label}`
  return download(svg, `${name} ${label.toLowerCase()}.svg`, 'image/svg+xml')
}
