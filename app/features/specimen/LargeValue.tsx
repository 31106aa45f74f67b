import { styled } from 'styled-components'
import { spreadSourceLabels, type UnitSpread } from '#core/compare/unit-spread.ts'

/** The value that a page is about. */
export const LargeValue = styled.p`
  font: 600 56px/1 var(--label);
`

/** How much other units of the product may differ. */
export const unitSpreadText = ({ relative, source }: UnitSpread): string =>
  `Other units of the product: ± ${(200 * relative).toFixed(1)} %, ${spreadSourceLabels[source]}.`
