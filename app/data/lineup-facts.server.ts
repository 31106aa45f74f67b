import type { LineupFact } from '#core/exchange/lineup-csv.ts'
import { troubleWords } from '#core/figures/trouble.ts'
import { formatAvailability } from '#core/money/availability.ts'
import { formatMoney } from '#core/money/currency.ts'
import { formatProposedWord, wordLabel } from '#core/verdict/absolute-word.ts'
import type { judgedLineup } from './judged-lineup.server.ts'
import type { EvaluatedColumn } from './lineup-evaluation.server.ts'
import { proposedWordOf } from './proposed-word.ts'

type JudgedLineup = Awaited<ReturnType<typeof judgedLineup>>

/** What is said of each product of a line-up above its parts: score, chance, price, word, and how it can be had. */
export function lineupFacts({ columns, rows, method, judgement, said, all }: JudgedLineup): LineupFact[] {
  const judgedOf = ({ id }: EvaluatedColumn) => judgement.ranked.find((one) => one.id === id)
  const proposedOf = (column: EvaluatedColumn, at: number) => {
    const one = all[at]
    const proposed = one && proposedWordOf(one, judgedOf(column)?.chances, column, rows, undefined)
    return proposed ? formatProposedWord(proposed) : ''
  }
  const fact = (label: string, of: (column: EvaluatedColumn, at: number) => string | undefined, unit = '') => ({
    label,
    unit,
    values: columns.map((column, at) => of(column, at) ?? ''),
  })
  return [
    fact('Construction score', (column) => judgedOf(column)?.chances.mean.toFixed(0), 'of 100'),
    fact('Chance of being first', (column) => judgedOf(column)?.chance.toFixed(3)),
    fact('Who is first', (_, at) => (at === 0 ? said : '')),
    fact('Method', () => String(method.version), 'version'),
    fact('Price paid', ({ paid }) => paid && formatMoney(paid.minor, paid.currency)),
    fact('In a word, by the rules', proposedOf),
    fact('In a word, by the reviewer', ({ word }) =>
      word ? [wordLabel(word.word), word.condition].filter(Boolean).join(', ') : '',
    ),
    fact('Short name', ({ nickname }) => nickname),
    fact('Maker', ({ maker }) => maker),
    fact('To the known trouble', ({ trouble }) => trouble && troubleWords[trouble.answer]),
    fact('Can be had', ({ availability }) => availability && formatAvailability(availability)),
  ]
}
