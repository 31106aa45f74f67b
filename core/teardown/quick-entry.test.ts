import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { readQuickEntry } from './quick-entry.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

const read = (line: string, form: 'spin-on' | 'cartridge' = 'spin-on') =>
  readQuickEntry(line, form, new Map()).map(({ candidates, problem }) =>
    candidates.length === 0
      ? `? ${problem}`
      : candidates.map(({ characteristic, values }) => `${characteristic.key}=${values.join(',')}`).join(' or '),
  )

describe('several readings in a line', () => {
  test('an answer that fits only another part than the one named is asked about', () => {
    const [piece] = readQuickEntry('drain-back valve coil plunger', 'spin-on', new Map())
    expect(piece?.candidates.map(({ characteristic }) => characteristic.key)).toEqual(['bypass.build'])
    expect(piece?.misnamed).toContain('bypass valve: put it there?')
    for (const clear of ['bypass coil plunger', 'silicone valve', 'coil plunger', 'wall 0.49'])
      expect(readQuickEntry(clear, 'spin-on', new Map())[0]?.misnamed).toBeUndefined()
  })

  test('what is named by two of its names is offered once', () => {
    expect(readQuickEntry('valve colour through the holes orange', 'spin-on', new Map())[0]?.candidates).toHaveLength(1)
  })

  test('two things in one breath are two readings', () => {
    expect(read('media 39½ by 4¼ · media weight 24 g with its mesh · adbv temperature -60 to 350 F')).toEqual([
      'media.length=39 1/2 in',
      'media.width=4 1/4 in',
      'media.weight=24 g',
      'media.with=mesh',
      'adbv.coldest=-60 °F',
      'adbv.hottest=350 f',
    ])
    expect(read('1180 x 79')).toEqual(['media.length=1180 mm', 'media.width=79 mm'])
    expect(read('holes 8x5.8')).toEqual(['plate.inlets=8x5.8'])
  })

  test('each piece becomes a reading, repeats several', () => {
    expect(
      read('wall .49 .50 .49 · turns 4.5 · holes 8x5.8 · coil spring · thread end bypass · silicone valve · 302 g'),
    ).toEqual([
      'can.wall=.49,.50,.49',
      'thread.turns=4.5',
      'plate.inlets=8x5.8',
      'spring.type=coil',
      'bypass.place=thread',
      'adbv.material=silicone',
      'whole.weight=302 g',
    ])
  })

  test.each([
    ['pleats in the mid forties', 'pleats.count=in the mid forties'],
    ['about 300 g', 'whole.weight=about 300 g'],
    ['weight: about 300 g', 'whole.weight=about 300 g'],
    ['M20 x 1.5', 'thread.designation=M20 x 1.5'],
    ['glue 3', 'glue.grade=3'],
    ['no rust', 'inside.rust=none'],
    ['media 41 in', 'media.length=41 in'],
    ['gasket up to 240 degrees', 'gasket.hottest=240 degrees'],
    ['a little rust', 'inside.rust=slight'],
    ['rust', 'inside.rust=serious'],
    ['wire mesh', 'media.backing=wire'],
    ['spiral seam', 'core.seam=spiral'],
    ['made in Harland', 'box.origin=Harland'],
    ['media length 37 and a half inches', 'media.length=37 and a half inches'],
    ['length 41.5 in', 'media.length=41.5 in'],
    ['wall 0.49, then 0.50, 0.49', 'can.wall=0.49,0.50,0.49'],
    ['nitrile gasket', 'gasket.material=nitrile'],
    ['1.2 mm valve', 'adbv.thickness=1.2 mm'],
    ['wire backed', 'media.backing=wire'],
    ['dia 76', 'can.diameter=76'],
  ])('%s', (said, reading) => {
    expect(read(said)[0]).toBe(reading)
  })

  test('holes without a name are those of the plate or of the core', () => {
    expect(read('8 x 5.8')[0]).toBe('plate.inlets=8 x 5.8 or core.openings=8 x 5.8')
  })

  test('what may be of several is told with all of them, the open ones first', () => {
    expect(read('silicone')[0]).toBe('gasket.material=silicone or adbv.material=silicone')
    const known = resolve(readings({ 'gasket.material': 'nitrile' }))
    const [piece] = readQuickEntry('silicone', 'spin-on', known)
    expect(piece?.candidates.map(({ characteristic }) => characteristic.key)).toEqual([
      'adbv.material',
      'gasket.material',
    ])
  })

  test('what is nothing, and what cannot be, is told so', () => {
    expect(read('blah blah; wall; wall 12 m; glue 9')).toEqual([
      '? Nothing is called so. Begin with a name: wall 0.49, turns 4, glue 3.',
      '? Can wall: no value is said.',
      expect.stringMatching(/^\? Can wall: 12 m cannot be a can wall/),
      expect.stringMatching(/^\? Glue bead: "9" is none of the answers/),
    ])
  })

  test('a cartridge has no wall', () => {
    expect(read('wall 0.5', 'cartridge')[0]).toMatch(/^\?/)
  })

  test('no line makes it throw', () => {
    const words = fc.constantFrom(
      ...'wall rust glue coil 0.5 302 g · ; , silicone bypass no about 8x5.8 M20 "'.split(' '),
    )
    fc.assert(
      fc.property(fc.array(words, { maxLength: 9 }), (said) => {
        for (const { candidates, problem } of readQuickEntry(said.join(' '), 'spin-on', new Map()))
          expect(candidates.length > 0 || problem !== undefined).toBe(true)
      }),
    )
  })
})
