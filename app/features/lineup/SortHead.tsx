import { ArrowDown, ArrowUp } from 'lucide-react'
import * as texts from '#app/texts/line-up.ts'
import { Sort } from './table-style.ts'
import type { Columns } from './useColumns.ts'

interface Props {
  view: Columns
  by: string
  label: string
  remark?: string
}

/** The name of a row: a press sorts the columns by it, another turns the order round. */
export function SortHead({ view, by, label, remark }: Props) {
  const { sort, rising, sortBy } = view
  return (
    <Sort type="button" onClick={() => sortBy(by)} aria-label={[texts.sortBy, label, remark].filter(Boolean).join(' ')}>
      <span>{label}</span> {remark && <small>{remark}</small>}
      {sort === by &&
        (rising ? <ArrowUp size={14} aria-label={texts.rising} /> : <ArrowDown size={14} aria-label={texts.falling} />)}
    </Sort>
  )
}
