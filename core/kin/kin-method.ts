import { kinFeatures } from './kin-features.ts'
import { kinParts } from './kin-parts.ts'

/** How kinship is judged, in words; of no other place do pages and documents take them. */
export const kinMethod: readonly string[] = [
  'Two filters are kin by their parts. For each part the question is how many times likelier what was recorded ' +
    'of both is when it is the same part than when the two have nothing to do with each other: the agreement ' +
    'weight of Fellegi and Sunter (1969, from memory), with how common each answer or size is among all other ' +
    'filters of the form.',
  'A rare agreement proves much, a common one little. How common is counted in the library, and among the ' +
    'filters of an engine that both are sold for, whichever makes it commoner; the two are left out, and a ' +
    'stated expectation counts for three filters. Sizes agree within their doubt and the spread from unit to ' +
    'unit, by Student’s t.',
  'What is missing says nothing. What was claimed, told or concluded from looks is left out, and so is what ' +
    'every filter of an engine must have. Of things that go together only the loudest for and the loudest ' +
    'against count; no single one proves more than 200 to 1.',
  'A size or count further apart than one pair in a thousand of the same part, or a part that does not swap ' +
    'over, rules a shared part out; a weight never does, since a part is weighed with what clings to it.',
  'A pair is of one build, where all parts are the same; of one family, where each is with an even chance; or ' +
    'strangers, where one is in fifty. Before anything is recorded that is 5, 8 and 87 % for two of one engine, ' +
    '1, 3 and 96 % for any two, and 40, 40 and 20 % for revisions of one product (common practice, no published ' +
    'source).',
  'A sentence is said from 95 % on; else it cannot be told. One build is only said when something is known of ' +
    'both of the shell and of the element. It is about parts, never about who made them; box and paint are shown ' +
    'and count for nothing.',
]

/**
 * What speaks of each part, a line a part: what goes together stands with a plus.
 *
 * @example kinEvidence().find(({ part }) => part === 'Retainer spring')?.groups // => 'Retainer spring; Spring weight'
 */
export const kinEvidence = (): { part: string; groups: string }[] =>
  kinParts.map(({ key, label }) => {
    const groups = new Map<number, string[]>()
    for (const { part, group, label: name } of kinFeatures)
      if (part === key) groups.set(group, [...(groups.get(group) ?? []), name])
    return { part: label, groups: [...groups.values()].map((names) => names.join(' + ')).join('; ') }
  })
