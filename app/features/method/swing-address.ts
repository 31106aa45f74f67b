import type { CriterionGroup } from '#core/score/criterion.ts'
import type { Swing, SwingCheck, SwingPart } from '#core/score/swing-weights.ts'

/** Answers to the questions of weight, as the address keeps them: a reload, a bookmark and the way back hold them. */
export interface SwingAnswers {
  swings: Swing[]
  /** Nothing else matters. */
  isDone: boolean
  checks: SwingCheck[]
}

const worthOf = (text: string | undefined): number | undefined => {
  const number = Number(text)
  return Number.isFinite(number) && number >= 0 && number <= 1000 ? number / 100 : undefined
}

/** Answers of an address; what names no part, or a part twice, is left out. */
export function readAnswers(get: (name: string) => string | null, parts: readonly SwingPart[]): SwingAnswers {
  const known = (part: string | undefined): part is CriterionGroup => parts.some((one) => one.part === part)
  const listed = (name: string) => (get(name) ?? '').split(',').map((one) => one.split(':'))
  const swings: Swing[] = []
  for (const [part, text] of listed('swings')) {
    const worth = worthOf(text)
    if (known(part) && worth !== undefined && !swings.some((one) => one.part === part))
      swings.push({ part, worth: Math.min(worth, 1) })
  }
  const checks: SwingCheck[] = []
  for (const [pair = '', text] of listed('again')) {
    const [part, against] = pair.split('~')
    const worth = worthOf(text)
    if (known(part) && known(against) && worth) checks.push({ part, against, worth })
  }
  return {
    swings: swings.sort((a, b) => b.worth - a.worth),
    isDone: get('done') === '1' || swings.length === parts.length,
    checks,
  }
}

const inHundredths = (worth: number): string => String(Math.round(worth * 100))

/** What the address keeps of answers. */
export const writeAnswers = ({ swings, isDone, checks }: SwingAnswers): Record<string, string> => ({
  swings: swings.map(({ part, worth }) => `${part}:${inHundredths(worth)}`).join(','),
  done: isDone ? '1' : '',
  again: checks.map(({ part, against, worth }) => `${part}~${against}:${inHundredths(worth)}`).join(','),
})
