/**
 * Where on the film something happened.
 *
 * @param at when it happened; UTC, ISO 8601
 * @param began when filming began; UTC, ISO 8601
 * @returns minutes and seconds, with hours from one up; undefined for what was before the film
 * @example formatTimecode('2026-05-01T10:12:07Z', '2026-05-01T10:00:00Z') // => '12:07'
 */
export function formatTimecode(at: string, began: string): string | undefined {
  const seconds = Math.floor((Date.parse(at) - Date.parse(began)) / 1000)
  if (!(seconds >= 0)) return undefined
  const two = (part: number) => String(part).padStart(2, '0')
  const hours = Math.floor(seconds / 3600)
  const minutes = Math.floor((seconds % 3600) / 60)
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`
}
