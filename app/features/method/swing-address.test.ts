import fc from 'fast-check'
import { expect, test } from 'vitest'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { swingParts } from '#core/score/swing-weights.ts'
import { readAnswers, writeAnswers } from './swing-address.ts'

const method = effectiveCriteria(shippedMethod)
const parts = swingParts(method, method)
const read = (address: Record<string, string>) => readAnswers((name) => address[name] ?? null, parts)

test('answers come back as they were kept, the weightiest first', () => {
  const answers = {
    swings: [
      { part: 'media' as const, worth: 1 },
      { part: 'can' as const, worth: 0.65 },
    ],
    isDone: true,
    checks: [{ part: 'can' as const, against: 'media' as const, worth: 1.2 }],
  }
  expect(read(writeAnswers(answers))).toEqual(answers)
  expect(read({ swings: 'can:40,media:90' }).swings.map(({ part }) => part)).toEqual(['media', 'can'])
})

test('what names no part, a part twice or no number is left out', () => {
  const { swings, checks } = read({ swings: 'luck:90,can:x,media:50,media:70,core:-4', again: 'can~luck:50,can:3,~:1' })
  expect(swings).toEqual([{ part: 'media', worth: 0.5 }])
  expect(checks).toEqual([])
})

test('with every part answered there is nothing left to ask', () =>
  expect(read({ swings: parts.map(({ part }) => `${part}:50`).join(',') }).isDone).toBe(true))

test('no address is too odd to read', () => {
  fc.assert(
    fc.property(fc.string(), fc.string(), (swings, again) => {
      for (const { worth } of read({ swings, again }).swings) expect(worth).toBeGreaterThanOrEqual(0)
    }),
  )
})
