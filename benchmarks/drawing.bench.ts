import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { bench } from 'vitest'
import { drawingData } from '#app/drawing/data.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import { resolve } from '#core/teardown/resolve.ts'
import { readings } from '#core/teardown/readings.fixture.ts'

const known = resolve(
  readings({
    'can.wall': '0.49 mm',
    'can.height': '87 mm',
    'can.diameter': '76 mm',
    'plate.inlets': '7 x 5.8 mm, 1 x 8.2 mm',
    'pleats.count': '62',
    'media.thickness': '0.7 mm',
    'element.od': '63 mm',
    'element.id': '33 mm',
    'core.type': 'perforated',
    'spring.type': 'coil',
    'bypass.place': 'dome',
    'adbv.material': 'silicone',
  }),
)

bench('the exploded drawing is worked out and drawn', () => {
  renderToStaticMarkup(
    createElement(ExplodedView, { data: drawingData('spin-on', known), width: 824, height: 284, title: 'A filter' }),
  )
})
