import { describe, expect, test } from 'vitest'
import { readBeside, type OtherSpecimen } from './beside.ts'

const wall = { dimension: 'length' as const, units: ['mm'] }
const others: OtherSpecimen[] = [
  { id: 'n-a', brand: 'Norrith', partNumber: 'N-40', label: 'A' },
  { id: 'n-b', brand: 'Norrith', partNumber: 'N-40', label: 'B' },
  { id: 'c-a', brand: 'Corvane', partNumber: 'CV-214', nickname: 'the orange one', label: 'A' },
]

describe('what is said beside a filter that is named', () => {
  test.each([
    ['a hair thicker than N-40', 'n-a', { scale: 'ratio', low: 1, high: 1.1 }],
    ["thinner than the n40's", 'n-a', { scale: 'difference', low: null, high: 0 }],
    ['about the same as Norrith N-40 B', 'n-b', { scale: 'ratio', low: 0.97, high: 1.03 }],
    ['nearly twice CV214', 'c-a', { scale: 'ratio', low: 1.8, high: 2 }],
    ['within 0.1 mm of the orange one', 'c-a', { scale: 'difference', low: -0.0001, high: 0.0001 }],
  ])('%s', (text, id, relation) => {
    const read = readBeside(text, others, wall)
    expect(read?.other.id).toBe(id)
    expect(read?.said).toMatchObject({ relation })
  })

  test.each(['0.5 mm', 'thicker', 'N-40', 'thicker than X-9', '40', '214'])('"%s" is none', (text) =>
    expect(readBeside(text, others, wall)).toBeUndefined(),
  )
})
