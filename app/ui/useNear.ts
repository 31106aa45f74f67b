import { useEffect, useState, type RefObject } from 'react'

/** How far below the window something is made ready. */
const ahead = '300px'

/** Whether something has come near the window, or the page is printed; once it has, it stays so. */
export function useNear(place: RefObject<HTMLElement | null>): boolean {
  const [isNear, setNear] = useState(false)
  useEffect(() => {
    if (isNear || !place.current) return undefined
    const come = () => setNear(true)
    const watch = new IntersectionObserver((entries) => entries.some((one) => one.isIntersecting) && come(), {
      rootMargin: ahead,
    })
    watch.observe(place.current)
    window.addEventListener('beforeprint', come)
    return () => {
      watch.disconnect()
      window.removeEventListener('beforeprint', come)
    }
  }, [isNear, place])
  return isNear
}
