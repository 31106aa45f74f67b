import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import { sayValue } from '#core/compare/display.ts'
import type { Figure } from '#core/figures/index.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { PlainResolved } from './plain.ts'

const Words = styled.p`
  font: 500 20px/1.35 var(--label);
`

/** The formula in words, and again with this specimen's numbers in it. */
export function FormulaInNumbers({ figure, inputs }: { figure: Figure; inputs: PlainResolved[] }) {
  const { units: system } = usePreferences()
  const said = inputs
    .map((input) => {
      const characteristic = characteristicOf(input.key)
      const { number, text, groups } = input
      return {
        words: characteristic.label.toLowerCase(),
        value: sayValue(characteristic, { number: number?.value, text, groups }, system),
      }
    })
    .sort((a, b) => b.words.length - a.words.length)
  const numbers = said.reduce((formula, { words, value }) => formula.replaceAll(words, value), figure.formula)
  return (
    <>
      <Words>{figure.formula}</Words>
      {numbers !== figure.formula && <Words>= {numbers}</Words>}
    </>
  )
}
