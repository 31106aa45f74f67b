import { useEffect } from 'react'

/** Marks the moment from which a page answers, to be measured. */
export function PageAlive() {
  useEffect(() => {
    performance.mark('page alive')
  }, [])
  return null
}
