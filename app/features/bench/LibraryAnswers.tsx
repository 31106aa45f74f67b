import { remarkOnAnswer } from '#core/compare/distribution.ts'
import { optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Small } from '#app/ui/layout.tsx'
import { useDistribution } from './useDistribution.ts'

interface Props {
  specimen: string
  characteristic: Characteristic
  mine: string | undefined
}

/** How often each answer was given in the library, and whether this one is seldom. */
export function LibraryAnswers({ specimen, characteristic, mine }: Props) {
  const distribution = useDistribution(specimen, characteristic.key)
  if (!distribution) return <Small role="status">{texts.lookingAtTheField}</Small>
  const { answers } = distribution.library
  if (answers.length === 0) return <Small>{texts.noOtherFilterOfTheLibrary}</Small>
  const counts = optionsOf(characteristic)
    .map(({ value, label }) => ({ label, count: answers.filter((answer) => answer === value).length }))
    .filter(({ count }) => count > 0)
    .sort((a, b) => b.count - a.count)
  return (
    <Small>
      {texts.ofOthersInTheLibrary(answers.length, counts.map(({ label, count }) => `${label} ${count}`).join(', '))}
      {mine !== undefined && ` ${remarkOnAnswer(characteristic, mine, answers) ?? ''}`}
    </Small>
  )
}
