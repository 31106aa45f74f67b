import { Link } from 'react-router'
import { formatCount } from '#core/quantity/format.ts'
import * as texts from '#app/texts/ui.ts'
import { Row, Soft } from './layout.tsx'
import { useAddress } from './useAddress.ts'

/** A part of a longer list. */
export interface PageOfList {
  /** From 1. */
  page: number
  size: number
  total: number
}

/** Which part of a list is shown, and the way to the others; nothing when all of it is. */
export function Pages({ page, size, total, noun }: PageOfList & { noun: string }) {
  const { search } = useAddress()
  if (total <= size) return null
  const last = Math.ceil(total / size)
  const to = (target: number) => {
    const next = new URLSearchParams(search)
    next.set('page', String(target))
    return `?${next}`
  }
  return (
    <Row as="nav" aria-label={texts.pagesOfS(noun)}>
      {page > 1 && <Link to={to(page - 1)}>{texts.before}</Link>}
      <Soft>{texts.toOf((page - 1) * size + 1, Math.min(page * size, total), formatCount(total, noun))}</Soft>
      {page < last && <Link to={to(page + 1)}>{texts.next}</Link>}
    </Row>
  )
}
