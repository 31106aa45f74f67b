import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { parseEntry } from './entry.ts'
import { nameEnds, problemOfEnd, readEnd } from './end.ts'
import { answerIn, readQuickEntry } from './quick-entry.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

// Common practice, no published source: "top" and "bottom" mean opposite ends to different people.
describe('the end that is said', () => {
  test.each([
    ['2 at the dome end', '2', 'dome'],
    ['2, dome end', '2', 'dome'],
    ['dome end 2', '2', 'dome'],
    ['thread: 1', '1', 'thread'],
    ['loose on the lower disc', 'loose', 'lower'],
    ['at the upper cap', '', 'upper'],
    ['3 at both ends', '3', undefined],
    ['3', '3', undefined],
  ])('%s', (said, text, end) => {
    expect(readEnd(said)).toEqual({ ok: true, value: { text, ...(end && { end }) } })
  })

  test('top and bottom are asked about, with both readings offered', () => {
    const asked = readEnd('1 at the top')
    if (asked.ok) throw new Error('It was not asked')
    expect(asked.problem.message).toMatch(/Which end is the top\?/)
    expect(asked.problem.suggestions?.map(({ text }) => text)).toEqual(['1 at the thread end', '1 at the dome end'])
  })

  test('the reviewer is asked once what they call the top', () => {
    expect(nameEnds('1 at the bottom', 'spin-on', 'dome')).toBe('1 at the thread end')
    expect(nameEnds('glue 1 at the top · wall 0.4', 'spin-on', 'thread')).toBe('glue 1 at the thread end · wall 0.4')
    expect(nameEnds('1 at the top', 'spin-on', '')).toBe('1 at the top')
    expect(nameEnds('1 at the top', 'cartridge', '')).toBe('1 at the upper end')
  })

  test('what has one of its kind only has no end', () => {
    expect(parseEntry(characteristicOf('inside.rust'), { text: 'none at the dome end' }).ok).toBe(false)
    expect(problemOfEnd('upper', 'spin-on')).toBe('A spin-on filter has a thread end and a dome end, no upper end.')
    expect(problemOfEnd('upper', 'cartridge')).toBeUndefined()
    expect(problemOfEnd(null, 'cartridge')).toBeUndefined()
  })

  test('an answer and a line keep it', () => {
    expect(answerIn(characteristicOf('caps.hold'), 'at the dome end')).toBe('serious at the dome end')
    const [piece] = readQuickEntry('glue bead 1 at the thread end', 'spin-on', new Map())
    expect(piece?.candidates[0]?.values).toEqual(['1 at the thread end'])
  })
})

// Common practice, no published source: say at which end a fault is; the worse end decides.
describe('the worse end decides', () => {
  const glue = (...typed: string[]) => resolve(readings({ 'glue.grade': typed })).get('glue.grade')

  test('of a grade', () => {
    expect(glue('3 at the thread end', '1 at the dome end')).toMatchObject({ number: { value: 1 }, end: 'dome' })
    expect(glue('1 at the dome end', '3 at the thread end')).toMatchObject({ number: { value: 1 }, end: 'dome' })
    expect(glue('3', '1 at the dome end')).toMatchObject({ number: { value: 1 }, end: 'dome', disagree: false })
  })

  test('a later reading of the same end takes the place of the one before, one of both of all', () => {
    const again = glue('1 at the dome end', '3 at the dome end')
    expect(again).toMatchObject({ number: { value: 3 }, end: 'dome', disagree: true })
    const both = glue('1 at the dome end', '3')
    expect(both?.number?.value).toBe(3)
    expect(both?.end).toBeUndefined()
  })

  test('ends that are alike have none that decides, and do not disagree', () => {
    const alike = glue('2 at the dome end', '2 at the thread end')
    expect(alike?.end).toBeUndefined()
    expect(alike?.disagree).toBe(false)
    expect(glue('3 at the thread end', '1 at the dome end')?.disagree).toBe(false)
  })

  test('of a fault until it is struck, and of answers that are listed best first', () => {
    const hold = resolve(readings({ 'caps.hold': ['serious at the dome end', 'none at the thread end', 'none'] }))
    expect(hold.get('caps.hold')).toMatchObject({ text: 'serious', end: 'dome' })
    const keys = resolve(readings({ 'tube.keys': ['locked at the upper end', 'none at the lower end'] }))
    expect(keys.get('tube.keys')).toMatchObject({ text: 'none', end: 'lower' })
  })

  test('what the cutter did at one end leaves the other as it is', () => {
    const torn = resolve(readings({ 'caps.hold': ['own at the dome end', 'slight at the thread end'] }))
    expect(torn.get('caps.hold')).toMatchObject({ text: 'slight', end: 'thread' })
  })
})
