import { useEffect, useRef, useState, type ReactNode } from 'react'
import { afterFirstLook } from './when-idle.ts'
import { useNear } from './useNear.ts'

/** What takes work and is not in sight at first: it waits until it comes near, or the page has been looked at. */
export function WhenNear({ children }: { children: ReactNode }) {
  const place = useRef<HTMLDivElement>(null)
  const isNear = useNear(place)
  const [isLater, setLater] = useState(false)
  useEffect(() => afterFirstLook(() => setLater(true)), [])
  return isNear || isLater ? children : <div ref={place} style={{ height: 1 }} />
}
