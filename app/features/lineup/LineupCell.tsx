import { memo, type CSSProperties } from 'react'
import { href } from 'react-router'
import { characteristicOf } from '#core/catalogue/index.ts'
import type { Cell, NumberCell, OpeningsCell, WordsCell } from '#core/compare/cell.ts'
import { formatCell } from '#core/compare/format-cell.ts'
import { spreadSourceLabels } from '#core/compare/unit-spread.ts'
import { halfWidthOf } from '#core/compare/difference.ts'
import { formatValueWithUncertainty } from '#core/figures/format-value.ts'
import { findFigure } from '#core/figures/index.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { ColumnHead } from '#app/data/lineup.server.ts'
import * as texts from '#app/texts/line-up.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'

interface Props {
  rowKey: string
  cell: Cell
  column: ColumnHead
  style: CSSProperties | undefined
  system: UnitHabit
  showsUncertainty: boolean
}

/** So many letters have room in any cell; where there are more, what is too long is cut off. */
const lettersThatFit = 12

/** What is known of one characteristic or figure of one product; a number opens to its readings. */
export const LineupCell = memo(function LineupCell(props: Props) {
  const { rowKey, cell, column, style, system, showsUncertainty } = props
  const address = (specimen: string) => href('/specimens/:specimen/values/:key', { specimen, key: rowKey })
  switch (cell.state) {
    case 'missing':
      return (
        <td data-empty style={style}>
          {texts.missing}
        </td>
      )
    case 'not-applicable':
      return (
        <td data-empty style={style} title={cell.reason}>
          –
        </td>
      )
    case 'impossible':
      return (
        <td title={cell.message} style={style}>
          <a href={address(cell.specimen)}>{texts.cannotBe}</a>
        </td>
      )
    default: {
      const { plain, exact, title } = cellTexts(rowKey, cell, system)
      const mark = 'mark' in cell ? cell.mark : undefined
      const remarks = remarksOn(cell, column)
      const shown = showsUncertainty ? exact : plain
      const aside = mark ?? remarks.join('; ')
      return (
        <td data-mark={mark} data-long={aside.length + shown.length > lettersThatFit || undefined} style={style}>
          {aside && <small title={mark ? undefined : aside}>{aside}</small>}
          {cell.evidence !== 'measured' && cell.evidence !== 'observed' && <EvidenceGlyph evidence={cell.evidence} />}
          <a href={address(cell.specimen)} title={[title, ...remarks].join('; ')}>
            {shown}
          </a>
        </td>
      )
    }
  }
})

/** What is said beside a cell: of a number its remark and why it is not judged, and of how many specimens it is. */
function remarksOn(cell: NumberCell | WordsCell | OpeningsCell, { specimens }: ColumnHead): string[] {
  const { remark, unjudged } = cell.state === 'number' ? cell : {}
  return [
    remark ?? '',
    unjudged ? texts.notJudged(unjudged) : '',
    specimens > 1 && cell.of < specimens ? texts.ofSpecimens(cell.of, specimens) : '',
  ].filter(Boolean)
}

/** A known cell plain, with its uncertainty, and with what that rests on. */
function cellTexts(rowKey: string, cell: NumberCell | WordsCell | OpeningsCell, system: UnitHabit) {
  const plain = formatCell(rowKey, cell, system)
  if (cell.state !== 'number') return { plain, exact: plain, title: plain }
  const of = findFigure(rowKey) ?? characteristicOf(rowKey)
  const exact = cell.u > 0 ? formatValueWithUncertainty(of, cell.value, halfWidthOf(cell), system) : plain
  const spread = cell.spread && texts.unitToUnit(spreadSourceLabels[cell.spread])
  return { plain, exact, title: [exact, spread].filter(Boolean).join('; ') }
}
