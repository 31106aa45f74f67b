import { byKey } from '#core/by-key.ts'
import { findCharacteristic, foundSo, type FilterForm } from '#core/catalogue/index.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** One thing to look at, and what answers the trouble. */
interface Check {
  key: string
  /** Answers that are good, by value; a grade is good from 3 up, a fault when there is none. */
  good?: readonly string[]
}

/**
 * Troubles that engines are known for, with what they ask of a filter.
 *
 * Source: common practice, no published source.
 */
export const engineTroubles = [
  {
    key: 'cold-rattle',
    label: 'Rattles when started cold',
    asks: 'oil that is there at once',
    checks: [
      { key: 'adbv.build', good: ['flap', 'disc', 'leaf'] },
      { key: 'adbv.material', good: ['silicone'] },
      { key: 'adbv.fit' },
    ],
  },
  {
    key: 'drains',
    label: 'Galleries drain overnight',
    asks: 'a valve that holds',
    checks: [{ key: 'adbv.build', good: ['flap', 'disc', 'leaf'] }, { key: 'adbv.fit' }],
  },
  {
    key: 'sludge',
    label: 'Sludge',
    asks: 'room for dirt, and dirt that stays where it is',
    checks: [{ key: 'bypass.place', good: ['thread'] }, { key: 'glue.grade' }, { key: 'pleats.spacing' }],
  },
  {
    key: 'collapse',
    label: 'Collapses elements when cold',
    asks: 'a tube that stands and a bypass that opens',
    checks: [{ key: 'core.stiffness' }, { key: 'bypass.build', good: ['coil', 'combination'] }, { key: 'caps.hold' }],
  },
  {
    key: 'hot',
    label: 'Runs hot',
    asks: 'rubber that stands heat',
    checks: [
      { key: 'gasket.material', good: ['silicone', 'hnbr', 'acm', 'aem', 'fkm', 'ptfe'] },
      { key: 'adbv.material', good: ['silicone'] },
      { key: 'oring.material', good: ['hnbr', 'silicone', 'fkm'] },
    ],
  },
  {
    key: 'cover',
    label: 'Leaks at the filter cover',
    asks: 'rings that lie flat and discs that lock',
    checks: [{ key: 'oring.lie' }, { key: 'tube.keys', good: ['locked'] }, { key: 'twist.test' }],
  },
] as const satisfies readonly { key: string; label: string; asks: string; checks: readonly Check[] }[]

export type EngineTrouble = (typeof engineTroubles)[number]['key']

/** Whether a filter answers a trouble, by one thing or by all that were looked at. */
export type TroubleAnswer = 'answers' | 'does-not' | 'not-looked-at'

/** What a filter says to a trouble. */
export interface TroubleOutcome {
  answer: TroubleAnswer
  checks: { key: string; answer: TroubleAnswer }[]
}

/**
 * What a trouble asks to be looked at on a filter of this form.
 *
 * @example checksOf('drains', 'cartridge') // => []
 */
export const checksOf = (trouble: EngineTrouble, form: FilterForm): readonly Check[] =>
  byKey(engineTroubles, trouble).checks.filter(({ key }) => findCharacteristic(key)?.forms.includes(form))

/**
 * Keys that the engine's known trouble asks to be looked at first; none where it is known for nothing.
 *
 * @example [...firstChecks('drains', 'spin-on')] // => ['adbv.build', 'adbv.fit']
 */
export const firstChecks = (trouble: EngineTrouble | '', form: FilterForm): ReadonlySet<string> =>
  new Set(trouble === '' ? [] : checksOf(trouble, form).map(({ key }) => key))

/**
 * Whether a filter answers a trouble: it does not when one thing that was looked at is bad, it does when all are good,
 * else it was not looked at. What was only claimed or inferred was not looked at.
 *
 * @param trouble of the engine
 * @param form of the filter
 * @param known resolved values of its specimens
 * @example troubleOutcome('drains', 'spin-on', []).answer // => 'not-looked-at'
 */
export function troubleOutcome(
  trouble: EngineTrouble,
  form: FilterForm,
  known: readonly ResolvedValues[],
): TroubleOutcome {
  const checks = checksOf(trouble, form).map((check) => ({ key: check.key, answer: answerTo(check, known) }))
  const answer = checks.some((one) => one.answer === 'does-not')
    ? 'does-not'
    : checks.length > 0 && checks.every((one) => one.answer === 'answers')
      ? 'answers'
      : 'not-looked-at'
  return { answer, checks }
}

function answerTo({ key, good }: Check, known: readonly ResolvedValues[]): TroubleAnswer {
  const seen = known
    .flatMap((values) => values.get(key) ?? [])
    .filter(({ evidence }) => evidence === 'measured' || evidence === 'observed')
  if (seen.length === 0) return 'not-looked-at'
  const isGood = seen.every(({ text, number }) =>
    good
      ? text !== undefined && good.includes(text)
      : number
        ? number.value >= 3
        : text === 'none' || !foundSo.includes(text ?? ''),
  )
  return isGood ? 'answers' : 'does-not'
}

/** What an answer is called. */
export const troubleWords: Record<TroubleAnswer, string> = {
  answers: 'answers it',
  'does-not': 'does not',
  'not-looked-at': 'not looked at',
}
