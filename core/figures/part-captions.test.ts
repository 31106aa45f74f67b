import { expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { partCaptions } from './part-captions.ts'

const captions = (typed: Parameters<typeof readings>[0] = {}) => partCaptions(resolve(readings(typed)))

test('nothing known, nothing said', () => {
  expect(Object.values(captions()).every((caption) => caption === '')).toBe(true)
})

test('each part says in one line what is known of it', () => {
  const said = captions({
    'thread.designation': 'M20 x 1.5',
    'thread.turns': '4½',
    'plate.inlets': '7 x 5.8, 1 x 8.2',
    'gasket.material': 'HNBR',
    'gasket.thickness': '3.6 mm',
    'adbv.material': 'silicone',
    'adbv.thickness': '1.2 mm',
    'pleats.count': '52',
    'can.wall': '20 thou',
    'can.diameter': '76.2 mm',
  })
  expect(said).toMatchObject({
    plate: 'M20 x 1.5 · 4½ threads · 8 holes',
    gasket: 'HNBR · 3.6 mm',
    adbv: 'silicone · 1.20 mm',
    pleats: '52 pleats',
    can: 'wall 0.51 mm · ⌀ 76.2 mm',
  })
})

test('what is missing leaves no gap', () => {
  expect(captions({ 'thread.turns': '4', 'can.diameter': '76.2 mm' })).toMatchObject({
    plate: '4 threads',
    can: '⌀ 76.2 mm',
    gasket: '',
  })
})
