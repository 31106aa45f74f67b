import { useMemo } from 'react'
import { dateFormat } from './date-format.ts'
import { useInBrowser } from './useInBrowser.ts'

/** Moments by the clock of the reader, in the reader's own way of writing; by UTC until the page is alive. */
export function useLocalTime(): { zone: string; timeOf: (iso: string) => string; dayOf: (iso: string) => string } {
  const zone = useInBrowser(() => dateFormat(undefined, {}).resolvedOptions().timeZone, 'UTC')
  return useMemo(() => {
    const locale = zone === 'UTC' ? 'en-GB' : undefined
    const time = dateFormat(locale, { timeStyle: 'medium', timeZone: zone, hourCycle: 'h23' })
    const day = dateFormat(locale, { dateStyle: 'medium', timeZone: zone })
    return {
      zone,
      timeOf: (iso) => time.format(new Date(iso)),
      dayOf: (iso) => day.format(new Date(iso)),
    }
  }, [zone])
}
