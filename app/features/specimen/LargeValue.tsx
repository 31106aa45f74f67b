import { styled } from 'styled-components'
import { spreadSourceLabels, type UnitSpread } from '#core/compare/unit-spread.ts'
import * as texts from '#app/texts/specimen.ts'

/** The value that a page is about. */
export const LargeValue = styled.p`
  font: 600 56px/1 var(--label);
`

/** How much other units of the product may differ. */
export const unitSpreadText = ({ relative, source }: UnitSpread): string =>
  texts.otherUnitsOfTheProduct((200 * relative).toFixed(1), spreadSourceLabels[source])
