import { engineTroubles } from '#core/figures/trouble.ts'
import { characteristicOf } from '#core/catalogue/index.ts'
import { absoluteWords } from '#core/verdict/absolute-word.ts'
import { availabilities } from '#core/money/availability.ts'

const list = (lines: readonly string[]): string => lines.map((line) => `- ${line}`).join('\n')

/**
 * What is said of a filter beside its score, as Markdown: the absolute word, how it can be had, what the engine is
 * known for, hearsay, predictions, and what a buyer can check.
 *
 * @example adviceSection().startsWith('## In a word') // => true
 */
export const adviceSection = (): string => `## In a word

Each filter has a word of its own, with nothing beside it. The rules propose one, with its certainty; the reviewer
decides; both are kept and published side by side, with no ranking needed.

${list(
  absoluteWords.map(({ label, description, above }) =>
    above === 0 ? `${label}: ${description}` : `${label}: above ${above} points. ${description}`,
  ),
)}

It is *never* where it does not fit, where the school must have what it has not, or where the next unit has a fault that
ends the discussion more likely than not (posterior mean of a proportion by Jeffreys' prior: found and a half, of looked at
and one; one of one is 75 %). Else it is the best word whose points are passed in more than half of the draws, and the
certainty is that share. For a driver it is no better than *in a pinch* where the oil gets hotter than its rubber is said
to stand, and no better than *sound* where its claimed interval ends before the driver's own. The points are a convention
of this method.

## Beside the score

How it can be had, in order of ease: ${availabilities.map(({ label }) => label.toLowerCase()).join(', ')}. From "import only" on
it cannot be had here; Verdict and Money name the best of those that can, judged among themselves.

What an engine is known for asks for checks; one that is bad makes "does not", all good "answers it", else it was not looked at:

${list(
  engineTroubles.map(
    ({ label, asks, checks }) =>
      `${label}: ${asks} (${checks.map(({ key }) => characteristicOf(key).label.toLowerCase()).join(', ')})`,
  ),
)}

Hearsay is a class of evidence of its own: it raises a check at the bench and gives no points. A prediction is taken before
the thing is measured and settled by it: an answer when it is the same, a number within what was said, or within a
twentieth where nothing was, beside the doubt of the measured one. Check at the counter lists what tells a filter from the
others without cutting, by likelihood ratio: numbers normal around what is known with its doubt, answers mistaken once in
twenty. A share that was counted, as faults of a brand by tier, has Wilson's 95 % interval. Common practice, no published
source, but for what is named.`
