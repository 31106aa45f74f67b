import { useMemo } from 'react'
import { useInBrowser } from './useInBrowser.ts'
import { useLocalTime } from './useLocalTime.ts'

const isDayAlone = (iso: string): boolean => /^\d{4}-\d\d-\d\d$/.test(iso)

/** A day as the reader's language writes it: of a moment by the reader's clock, of a day alone that day anywhere. */
export function Day({ of: iso }: { of: string }) {
  const { dayOf } = useLocalTime()
  const isAlive = useInBrowser(() => true, false)
  const alone = useMemo(
    () => new Intl.DateTimeFormat(isAlive ? undefined : 'en-GB', { dateStyle: 'medium', timeZone: 'UTC' }),
    [isAlive],
  )
  if (!iso) return null
  return <time dateTime={iso}>{isDayAlone(iso) ? alone.format(new Date(iso)) : dayOf(iso)}</time>
}
