import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { Figure } from '#core/figures/index.ts'
import { Formula } from '#app/ui/Formula.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { ResolvedValueView } from '#app/data/view-models.ts'

const Words = styled.p`
  font: 500 20px/1.35 var(--label);
`

/** The formula in words, and again with this specimen's numbers in it. */
export function FormulaInNumbers({ figure, inputs }: { figure: Figure; inputs: ResolvedValueView[] }) {
  const { units: system } = usePreferences()
  const said = inputs
    .map((input) => {
      const characteristic = characteristicOf(input.key)
      const { number, text, groups } = input
      return {
        words: characteristic.label.toLowerCase(),
        value: formatValue(characteristic, { number: number?.value, text, groups }, system),
      }
    })
    .sort((a, b) => b.words.length - a.words.length)
  const numbers = said.reduce((formula, { words, value }) => formula.replaceAll(words, value), figure.formula)
  return (
    <>
      <Words>
        <Formula>{figure.formula}</Formula>
      </Words>
      {numbers !== figure.formula && <Words>= {numbers}</Words>}
    </>
  )
}
