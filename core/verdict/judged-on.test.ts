import { expect, test } from 'vitest'
import { shippedCriterion } from '#core/score/criteria.ts'
import { combineScoreLines, notApplicableLine, scoreLine } from '#core/score/score.ts'
import { formatJudgedOn, judgedOn, notLookedAt } from './judged-on.ts'

const known = (key: string) => scoreLine(shippedCriterion(key), { low: 5, high: 5, evidence: 'measured' })
const open = (key: string) => scoreLine(shippedCriterion(key), undefined)

test('counts what is known of what counts, and names the parts that bear most of it', () => {
  // Weights: area 9, media 5, can wall 6, plate 3; glue 6 and valve 5 are open.
  const score = combineScoreLines(
    [
      ...['area', 'media', 'can-wall', 'plate'].map(known),
      ...['glue', 'adbv-material'].map(open),
      notApplicableLine(shippedCriterion('bypass-seal'), 'there is no bypass valve in this filter'),
    ],
    [],
  )
  expect(judgedOn(score)).toMatchObject({ known: 4, of: 6, mostly: ['media'] })
  expect(judgedOn(score).coverage).toBeCloseTo(23 / 34, 12)
  expect(formatJudgedOn(judgedOn(score))).toBe('4 of 6, 68 % of the weight; mostly media')
})

test('where nearly all is known, or nothing, no part is named', () => {
  expect(judgedOn(combineScoreLines([known('area'), known('glue')], [])).mostly).toEqual([])
  expect(formatJudgedOn(judgedOn(combineScoreLines([open('glue')], [])))).toBe('0 of 1, 0 % of the weight')
})

test('a fault that was looked for is known, and bears no weight of the mean', () => {
  const { mostly, known: count } = judgedOn(
    combineScoreLines(
      [
        scoreLine(shippedCriterion('rust'), { low: 0, high: 0, evidence: 'observed' }),
        known('plate'),
        ...['area', 'glue', 'media'].map(open),
      ],
      [],
    ),
  )
  expect(count).toBe(2)
  expect(mostly).toEqual(['plate'])
})

test('what nobody has looked at is named, the weightiest first; what the filter cannot have is not', () => {
  // Weights: area 9, glue 6, plate 3.
  const lines = [
    ...['plate', 'area', 'glue'].map(open),
    known('media'),
    notApplicableLine(shippedCriterion('bypass-seal'), 'there is no bypass valve in this filter'),
  ]
  expect(notLookedAt(combineScoreLines(lines, []))).toEqual(['Media area', 'Glue bead', 'Plate thickness'])
})
