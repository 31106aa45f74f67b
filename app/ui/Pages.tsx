import { Link } from 'react-router'
import { formatCount } from '#core/quantity/format.ts'
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
    <Row as="nav" aria-label={`Pages of ${noun}s`}>
      {page > 1 && <Link to={to(page - 1)}>Before</Link>}
      <Soft>
        {(page - 1) * size + 1} to {Math.min(page * size, total)} of {formatCount(total, noun)}
      </Soft>
      {page < last && <Link to={to(page + 1)}>Next</Link>}
    </Row>
  )
}
