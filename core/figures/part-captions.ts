import { characteristicOf, optionsOf } from '#core/catalogue/index.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { countOpenings } from '#core/teardown/opening-groups.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** A part of a filter as a drawing shows it. */
export type DrawnPart =
  'plate' | 'gasket' | 'oring' | 'adbv' | 'bypass' | 'element' | 'core' | 'pleats' | 'spring' | 'can'

/**
 * What is known of every drawn part in one line; empty for nothing.
 *
 * @param known resolved values of a specimen
 * @example partCaptions(new Map()).can // => ''
 */
export function partCaptions(known: ResolvedValues): Record<DrawnPart, string> {
  const text = (key: string): string => known.get(key)?.text ?? ''
  const answer = (key: string): string => formatAnswer(known, key)
  const millimetres = (key: string, decimals = 1): string => {
    const value = known.get(key)?.number?.value
    return value === undefined ? '' : formatQuantity(value, 'mm', decimals)
  }
  const inlets = known.get('plate.inlets')?.openings?.groups
  const holes = inlets && countOpenings(inlets)
  const threads = known.get('thread.turns')?.number?.value
  const pleats = known.get('pleats.count')?.number?.value
  const caps = answer('caps.material')
  const [wall, diameter] = [millimetres('can.wall', 2), millimetres('can.diameter')]
  return {
    plate: joined(
      text('thread.designation'),
      threads !== undefined && `${String(threads).replace('.5', '½')} threads`,
      holes !== undefined && `${holes} holes`,
    ),
    gasket: joined(answer('gasket.material'), millimetres('gasket.thickness')),
    oring: joined(answer('oring.material'), millimetres('oring.section')),
    adbv: joined(answer('adbv.material'), millimetres('adbv.thickness', 2)),
    bypass: joined(answer('bypass.build'), answer('bypass.place')),
    element: joined(caps && `${caps} caps`, answer('element.seam')),
    core: joined(answer('core.type'), answer('core.seam')),
    pleats: joined(pleats !== undefined && `${pleats} pleats`, answer('media.type')),
    spring: answer('spring.type'),
    can: joined(wall && `wall ${wall}`, diameter && `⌀ ${diameter}`),
  }
}

const joined = (...words: (string | false | undefined)[]): string => words.filter(Boolean).join(' · ')

/** The label of an answer, in lower case unless it is an abbreviation. */
function formatAnswer(known: ResolvedValues, key: string): string {
  const value = known.get(key)?.text
  const label = optionsOf(characteristicOf(key)).find((option) => option.value === value)?.label ?? ''
  return /^[A-Z]{2}/.test(label) ? label : label.toLowerCase()
}
