import { useEffect, useRef } from 'react'
import { afterFirstLook, whenIdle } from './when-idle.ts'

/** Fetches pictures one by one while nobody presses anything, so that they are there when they come in sight. */
export function usePicturesAhead(addresses: readonly string[]): void {
  const kept = useRef(new Map<string, HTMLImageElement>())
  const all = addresses.join('\n')
  useEffect(() => {
    let giveUp: (() => void) | undefined
    const fetchNext = ([next, ...others]: string[]) => {
      if (next === undefined) return
      giveUp = whenIdle(() => {
        const picture = kept.current.get(next) ?? new Image()
        kept.current.set(next, picture)
        picture.onload = picture.onerror = () => fetchNext(others)
        picture.src = next
      })
    }
    giveUp = afterFirstLook(() => fetchNext(all.split('\n').filter(Boolean)))
    return () => giveUp?.()
  }, [all])
}
