import { foldName } from '#core/fold-name.ts'

/**
 * Free labels for the next specimens of a revision: A, B, C and so on, from the twenty-seventh on their number.
 *
 * @param labels that are taken, in any case of letters
 * @param count how many are wanted
 * @example freeLabels(['a', 'C'], 2) // => ['B', 'D']
 */
export function freeLabels(labels: readonly string[], count: number): string[] {
  const taken = new Set(labels.map(foldName))
  const free: string[] = []
  for (let index = 0; free.length < count; index++) {
    const label = index < 26 ? String.fromCharCode(65 + index) : String(index + 1)
    if (!taken.has(foldName(label))) free.push(label)
  }
  return free
}
