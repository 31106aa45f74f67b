import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { find, indexThings, type Thing } from './find.ts'

const specimen = (label: string, path: string): Thing => ({
  kind: 'specimen',
  label,
  detail: 'Skerry 1.1 D',
  path: `/bench/${path}`,
  form: 'spin-on',
  values: `/specimens/${path}/values`,
})
const things: Thing[] = [
  specimen('Norrith N-40 B', 'n40b'),
  specimen('Norrith N-40 A', 'n40a'),
  specimen('Corvane CV-214 A', 'cv'),
  { kind: 'engine', label: 'Skerry 1.1 D', detail: 'spin-on', path: '/lineups/s' },
  { kind: 'page', label: 'Verdict', detail: 'Skerry 1.1 D', path: '/lineups/s/verdict' },
  { kind: 'to do', label: 'New specimen of Norrith N-40', detail: 'Skerry 1.1 D', path: '/products/n/specimens/new' },
]
const index = indexThings(things)
const paths = (query: string) => find(query, index).map(({ path }) => path)

describe('find', () => {
  test('a characteristic and a specimen, in either order, open the reading', () => {
    expect(paths('wall N-40')[0]).toBe('/bench/n40b?at=can.wall')
    expect(paths('n-40 wall')).toContain('/bench/n40a?at=can.wall')
    expect(paths('cv 214 pleats')).toContain('/bench/cv?at=pleats.count')
  })

  test('a figure and a specimen open how the figure is worked out; a reading of the same name stands first', () => {
    expect(paths('media area N-40')).toContain('/specimens/n40b/values/media.area')
    expect(paths('face velocity CV-214')[0]).toBe('/specimens/cv/values/media.faceVelocity')
  })

  test('what is called just so stands before a reading of a specimen that a letter may mean', () => {
    const reading = { kind: 'reading', label: 'Gasket section width', detail: 'Corvane CV-214 A', path: '/here' }
    expect(find('gasket section w', indexThings([...things, reading]))[0]?.path).toBe('/here')
  })

  test('what is there twice is found once', () => {
    const reading = { kind: 'reading', label: 'Gasket section width', detail: 'Corvane CV-214 A', path: '/here' }
    const found = find('gasket section w', indexThings([reading, reading]))
    expect(found.map(({ path }) => path)).toEqual(['/here'])
  })

  test.each([
    ['verd', '/lineups/s/verdict'],
    ['skery', '/lineups/s'],
    ['new spec n-40', '/products/n/specimens/new'],
    ['CV-214', '/bench/cv'],
  ])('%s', (query, path) => {
    expect(paths(query)).toContain(path)
  })

  test('with nothing typed what was worked on last stands first, and of matches as good the later one', () => {
    expect(paths('')[0]).toBe('/bench/n40b')
    const found = paths('Norrith N-40')
    expect(found.indexOf('/bench/n40b')).toBeLessThan(found.indexOf('/bench/n40a'))
  })

  test('what is called like nothing finds nothing, and no query makes it throw', () => {
    expect(paths('zzqx')).toEqual([])
    fc.assert(fc.property(fc.string(), (query) => void find(query, index)))
  })
})
