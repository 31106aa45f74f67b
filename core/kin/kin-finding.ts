import { formatList } from '#core/quantity/format-list.ts'
import { kinPartLabel, kinParts, type KinPartKey } from './kin-parts.ts'
import { jointShare, type Kinship } from './kinship.ts'

/** What is said of two filters: of their parts, never of who made them. */
type KinKind = 'build' | 'shell' | 'family' | 'nothing' | 'open'

export interface KinFinding {
  kind: KinKind
  /** The chance that it is so. */
  chance: number
  /** Parts that are said to be shared. */
  parts: KinPartKey[]
}

/** Nothing is said that is less likely. */
const sureFrom = 0.95
/** So many parts are known before two filters are said to have nothing in common. A convention, no source. */
const fewestForNothing = 3
/** So many parts of the shell are known before it is called the same. A convention, no source. */
const fewestOfShell = 2

const isOf =
  (kind: (typeof kinParts)[number]['of']) =>
  (at: number): boolean =>
    kinParts[at]?.of === kind

/**
 * Whether any part is surely shared: where none is, two filters are no relatives.
 *
 * @example isAnyShared({ build: 0, family: 0, strangers: 1, shared: [NaN, 0.2], weights: [NaN, 1] }) // => false
 */
export const isAnyShared = ({ shared }: Kinship): boolean => shared.some((one) => one >= sureFrom)

/**
 * What can be said of two filters with at least 95 % certainty, the most telling first. Of one build they are only
 * called when something is known of both of the shell and of the element.
 *
 * @param kinship of the two
 * @example
 * findKin({ build: 0.99, family: 0.01, strangers: 0, shared: [1, 1], weights: [900, 800] }).kind // => 'family'
 */
export function findKin(kinship: Kinship): KinFinding {
  const known = kinParts.flatMap(({ of }, at) => (of !== 'box' && !Number.isNaN(kinship.shared[at] ?? NaN) ? [at] : []))
  const keys = (places: readonly number[]) => places.flatMap((at) => kinParts[at]?.key ?? [])
  const isKnownWhole = known.some(isOf('shell')) && known.some(isOf('element'))
  if (isKnownWhole && kinship.build >= sureFrom) return { kind: 'build', chance: kinship.build, parts: keys(known) }

  const shell = known.filter(isOf('shell'))
  const element = known.filter(isOf('element'))
  const shellAlone = jointShare(kinship, shell, []) - jointShare(kinship, [...shell, ...element], [])
  if (shell.length >= fewestOfShell && element.length > 0 && shellAlone >= sureFrom)
    return { kind: 'shell', chance: shellAlone, parts: keys(shell) }

  const likely = known
    .filter((at) => (kinship.shared[at] ?? 0) >= sureFrom)
    .sort((a, b) => (kinship.shared[b] ?? 0) - (kinship.shared[a] ?? 0))
  for (let count = likely.length; count > 0; count--) {
    const parts = likely.slice(0, count).sort((a, b) => a - b)
    const chance = jointShare(kinship, parts, [])
    if (chance >= sureFrom) return { kind: 'family', chance, parts: keys(parts) }
  }

  const nothing = jointShare(kinship, [], known)
  if (known.length >= fewestForNothing && nothing >= sureFrom) return { kind: 'nothing', chance: nothing, parts: [] }
  return { kind: 'open', chance: 1 - nothing, parts: [] }
}

const partNames = (parts: readonly KinPartKey[]): string =>
  formatList(
    parts.map((key) => kinPartLabel(key).toLowerCase()),
    'conjunction',
  )

/**
 * What is said of two filters, in words.
 *
 * @example formatKin({ kind: 'family', chance: 0.97, parts: ['can', 'plate'] })
 * // => 'Same family: base plate and can are shared'
 */
export function formatKin({ kind, parts }: KinFinding): string {
  const inOrder = kinParts.flatMap(({ key }) => (parts.includes(key) ? [key] : []))
  switch (kind) {
    case 'build':
      return 'Same build'
    case 'shell':
      return 'Same shell, other element'
    case 'family':
      return inOrder.length > 1
        ? `Same family: ${partNames(inOrder)} are shared`
        : `One part shared: ${partNames(inOrder)}`
    case 'nothing':
      return 'Nothing in common but what the engine asks, of what was recorded'
    case 'open':
      return 'Cannot tell from what was recorded'
  }
}

/** How sure it is that a part is shared, in three words for and two against. */
export type ShareWord = 'same' | 'likely' | 'open' | 'unlikely' | 'other' | 'unknown'

/**
 * How sure it is that a part is the same: 95 %, 80 %, and the same against.
 *
 * @param shared chance; NaN where nothing is known of both
 * @example shareWord(0.9) // => 'likely'
 */
export function shareWord(shared: number): ShareWord {
  if (Number.isNaN(shared)) return 'unknown'
  if (shared >= 0.95) return 'same'
  if (shared >= 0.8) return 'likely'
  if (shared > 0.2) return 'open'
  return shared > 0.05 ? 'unlikely' : 'other'
}

export const shareWords: Readonly<Record<ShareWord, string>> = {
  same: 'the same',
  likely: 'likely the same',
  open: 'may be the same',
  unlikely: 'hardly the same',
  other: 'not the same',
  unknown: 'not recorded in both',
}

/**
 * A chance as odds, as they are spoken.
 *
 * @example formatOdds(0.975) // => '39 to 1'
 * @example formatOdds(0.02) // => '1 to 49'
 */
export function formatOdds(chance: number): string {
  const odds = chance / (1 - chance)
  if (odds >= 1000) return 'over 1000 to 1'
  if (odds <= 0.001) return '1 to over 1000'
  return odds >= 1 ? `${Math.round(odds)} to 1` : `1 to ${Math.round(1 / odds)}`
}
