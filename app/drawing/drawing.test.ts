import fc from 'fast-check'
import { renderToStaticMarkup } from 'react-dom/server'
import { createElement } from 'react'
import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { drawingData } from './data.ts'
import { ExplodedView } from './ExplodedView.tsx'
import { FaceView } from './FaceView.tsx'
import { placeLabels } from './labels.ts'

const draw = (form: 'spin-on' | 'cartridge', typed: Parameters<typeof readings>[0]) => {
  const data = drawingData(form, resolve(readings(typed)))
  return {
    data,
    svg: renderToStaticMarkup(createElement(ExplodedView, { data, width: 824, height: 284, title: 'Drawing' })),
  }
}
const count = (text: string, pattern: RegExp) => [...text.matchAll(pattern)].length

describe('the drawing', () => {
  test('nothing recorded is all ghosts, and says so', () => {
    const { data, svg } = draw('spin-on', {})
    expect(Object.values(data.states).some(({ known }) => known)).toBe(false)
    expect(count(svg, />to record</g)).toBe(7)
    expect(svg).toContain('stroke-dasharray')
  })

  test('the plate has its real holes, the pack its real pleats', () => {
    const { svg } = draw('spin-on', {
      'plate.inlets': '5 x 6.0, 1 x 8.2',
      'pleats.count': '47',
      'thread.designation': 'M20 x 1.5',
    })
    expect(count(svg, /<rect transform="rotate/g)).toBe(6)
    expect(count(svg, /width="8.2"/g)).toBe(1)
    const points = /<polygon points="([^"]*)"/.exec(svg)![1]!.split(' ')
    expect(points).toHaveLength(94)
  })

  test('is to scale: parts keep their proportions', () => {
    const { data } = draw('spin-on', { 'can.height': '100 mm', 'can.diameter': '80 mm', 'element.height': '75 mm' })
    expect(data.can.height / data.can.diameter).toBeCloseTo(1.25)
    expect(data.element.height).toBeCloseTo(75)
  })

  test('no number stands at a size that nobody measured, however much is known of its part', () => {
    const measured = (typed: Parameters<typeof readings>[0], form: 'spin-on' | 'cartridge' = 'spin-on') => {
      const data = drawingData(form, resolve(readings(typed)))
      const view = createElement(ExplodedView, { data, width: 824, height: 284, title: 'Drawing', measured: true })
      return [...renderToStaticMarkup(view).matchAll(/>([^<>]*\d [a-z]+)</g)]
        .map(([, text = '']) => text)
        .filter((text) => !text.startsWith('one square'))
        .sort()
    }
    expect(
      measured({ 'can.wall': '0.5 mm', 'caps.material': 'steel', 'pleats.count': '50', 'plate.thickness': '3 mm' }),
    ).toEqual(['50 pleats', 'wall 0.50 mm'])
    expect(measured({ 'oring.material': 'fkm', 'element.seam': 'glued' }, 'cartridge')).toEqual([])
    expect(measured({ 'can.height': '86.4 mm', 'thread.designation': 'M20 x 1.5' })).toEqual([
      '86.4 mm',
      'thread 20.0 mm',
    ])
  })

  test('a size that was said roughly is drawn with its width, and says it', () => {
    const { svg } = draw('spin-on', { 'can.height': '85 to 89 mm' })
    expect(svg).toContain('87.0 ± 2.0 mm')
    expect(count(svg, /stroke-width="7"/g)).toBe(1)
    expect(count(draw('spin-on', { 'can.height': '87 mm' }).svg, /stroke-width="7"/g)).toBe(0)
  })

  test('a fault is flagged in place', () => {
    const { data, svg } = draw('spin-on', { 'inside.rust': 'serious' })
    expect(data.states.can.fault).toBe('Rust inside')
    expect(svg).toContain('<title>Rust inside</title>')
  })

  test('no bypass, no bypass drawn; a combination valve is one part', () => {
    expect(draw('spin-on', { 'bypass.place': 'none' }).svg).not.toContain('BYPASS')
    expect(draw('spin-on', { 'spring.type': 'combination' }).svg).not.toContain('BYPASS')
    expect(draw('spin-on', {}).svg).toContain('BYPASS')
  })

  test('a cartridge has an O-ring and no can', () => {
    const { svg } = draw('cartridge', { 'oring.section': '2.6 mm' })
    expect(svg).toContain('O-RING')
    expect(svg).not.toContain('>CAN<')
  })

  test.each([
    ['3/4-16 UNF', 19.05],
    ['1 1/2-12 UN', 38.1],
    ['M22 x 1.5', 22],
  ])('%s is drawn %f mm wide', (designation, width) => {
    expect(draw('spin-on', { 'thread.designation': designation }).data.plate.thread).toBeCloseTo(width, 6)
  })
})

test('labels of a crowded drawing never overlap while two rows can hold them', () => {
  const boxes = fc.array(
    fc.record({ gap: fc.integer({ min: 30, max: 160 }), width: fc.integer({ min: 20, max: 90 }) }),
    { minLength: 1, maxLength: 8 },
  )
  fc.assert(
    fc.property(boxes, (those) => {
      let x = 0
      const placed = those.map(({ gap, width }) => ({ x: (x += gap), width }))
      const spots = placeLabels(placed, [0, x + 100], 3)
      spots.forEach((spot, index) => {
        for (let other = 0; other < index; other++) {
          if (spots[other]!.row !== spot.row) continue
          expect(spot.x - placed[index]!.width / 2).toBeGreaterThanOrEqual(spots[other]!.x + placed[other]!.width / 2)
        }
      })
    }),
  )
})

describe('the faces of a filter, for the head of a column', () => {
  const face = (form: 'spin-on' | 'cartridge', typed: Parameters<typeof readings>[0]) =>
    renderToStaticMarkup(
      createElement(FaceView, {
        data: drawingData(form, resolve(readings(typed))),
        width: 250,
        height: 124,
        title: 'Faces',
      }),
    )

  test('the plate has its real holes and the pack its real pleats, and there are no words', () => {
    const svg = face('spin-on', { 'plate.inlets': '5 x 6.0, 1 x 8.2', 'pleats.count': '47' })
    expect(count(svg, /<rect transform="rotate/g)).toBe(6)
    expect(/<polygon points="([^"]*)"/.exec(svg)![1]!.split(' ')).toHaveLength(94)
    expect(svg).not.toContain('<text')
  })

  test('a cartridge has no plate', () => {
    expect(count(face('cartridge', { 'pleats.count': '60' }), /<rect transform="rotate/g)).toBe(0)
  })

  test('a serious fault of a part that is not shown is flagged', () => {
    expect(face('spin-on', { 'inside.rust': 'serious' })).toContain('<title>')
    expect(face('spin-on', { 'inside.rust': 'none' })).not.toContain('<title>')
  })
})
