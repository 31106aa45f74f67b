import { formatRelation, relationUnit } from './format-relation.ts'
import { readComparison } from './read-comparison.ts'

/** What the words of one filter beside another allow, with an example. Common practice, no published source. */
export interface ComparisonRule {
  words: string
  allows: string
  example: string
}

export const comparisonRules: readonly ComparisonRule[] = [
  { words: 'thicker, lighter, fewer, taller …', allows: 'any more, or any less', example: 'wall: thicker' },
  {
    words: 'a hair, a touch, a little, slightly',
    allows: 'up to a tenth more or less',
    example: 'wall: a hair thicker',
  },
  { words: 'much, a lot, far', allows: 'more than a tenth more or less', example: 'much heavier' },
  { words: 'an amount before the word', allows: 'what such an amount allows', example: '8 to 9 g lighter' },
  { words: 'twice, half, three times', allows: '4 % around; 10 % with about', example: 'twice the media area' },
  { words: 'nearly, more than … times', allows: 'a tenth on that side', example: 'nearly twice the media area' },
  {
    words: '20 % more, a third less',
    allows: 'half of the last figure; of a fraction a twentieth',
    example: 'weight 20 % more',
  },
  {
    words: 'within … of each other, no more than … apart',
    allows: 'as much either way',
    example: 'weight within a gram of each other',
  },
  { words: 'the same, about the same, as thick', allows: '3 % either way', example: 'wall: the same' },
  {
    words: 'the same part, identical',
    allows: '1 % either way; of an answer the same',
    example: 'bypass build: the same part',
  },
  { words: 'by feel, looks, seems', allows: 'as it is said, but inferred', example: 'wall: the same by feel' },
  { words: '… here against … there', allows: 'a reading of each', example: 'pleats 54 here against 61 there' },
]

/**
 * What a line of a comparison is said back as.
 *
 * @example saidBackOfComparison('8 to 9 g lighter') // => 'Whole weight: 8 to 9 g less'
 */
export function saidBackOfComparison(line: string): string {
  const [candidate] = readComparison(line, 'spin-on')
  if (!candidate) return 'Nothing is compared.'
  const { of, label, read } = candidate
  if (!read.ok) return read.problem.message
  const { value } = read
  if ('readings' in value) return `${label}: ${value.readings.join(' and ')}`
  const doubt = value.evidence === 'measured' ? '' : `, ${value.evidence}`
  return `${label}: ${formatRelation(value.relation, relationUnit(of, 'metric'))}${doubt}`
}
