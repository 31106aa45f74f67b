import { dateFormat } from './date-format.ts'
import { useInBrowser } from './useInBrowser.ts'
import { useLocalTime } from './useLocalTime.ts'

const isDayAlone = (iso: string): boolean => /^\d{4}-\d\d-\d\d$/.test(iso)

/** A day as the reader's language writes it: of a moment by the reader's clock, of a day alone that day anywhere. */
export function Day({ of: iso }: { of: string }) {
  const { dayOf } = useLocalTime()
  const isAlive = useInBrowser(() => true, false)
  if (!iso) return null
  const alone = dateFormat(isAlive ? undefined : 'en-GB', { dateStyle: 'medium', timeZone: 'UTC' })
  return <time dateTime={iso}>{isDayAlone(iso) ? alone.format(new Date(iso)) : dayOf(iso)}</time>
}
