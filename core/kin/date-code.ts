import { ok, problem, type Result } from '#core/result.ts'

/**
 * What stands at one place of a date code: a year in four, two or one figures, a month in figures or as a letter from A
 * for January, a day of the month, a day of the year, a week, any figure or letter, or a sign as it is.
 */
const tokens = [
  { token: 'YYYY', pattern: '(?<year4>\\d{4})' },
  { token: 'DDD', pattern: '(?<dayOfYear>\\d{3})' },
  { token: 'YY', pattern: '(?<year2>\\d{2})' },
  { token: 'MM', pattern: '(?<month>\\d{2})' },
  { token: 'DD', pattern: '(?<day>\\d{2})' },
  { token: 'WW', pattern: '(?<week>\\d{2})' },
  { token: 'Y', pattern: '(?<year1>\\d)' },
  { token: 'M', pattern: '(?<monthLetter>[A-L])' },
  { token: '#', pattern: '\\d' },
  { token: '@', pattern: '[A-Z]' },
] as const

/** A span of days in which something was made: first and last, as ISO days. */
export interface MadeIn {
  from: string
  to: string
}

const iso = (date: Date): string => date.toISOString().slice(0, 10)
const utc = (year: number, month: number, day: number): Date => new Date(Date.UTC(year, month, day))
const msPerDay = 86_400_000

/** Codes are of these years. */
const years = { first: 1990, last: 2069 }

/** A template as a pattern; what stands in braces is a token, all else a sign as it is. */
function patternOf(template: string): RegExp {
  const body = template
    .split(/(\{[^}]*\})/)
    .map((piece) => {
      const own = tokens.find(({ token }) => piece === `{${token}}`)
      return own ? own.pattern : piece.replace(/[.*+?^${}()|[\]\\/-]/g, '\\$&')
    })
    .join('')
  return new RegExp(`^${body}$`)
}

const tidy = (code: string): string => code.trim().toUpperCase()

/**
 * When something was made by its date code, as a template reads it. A year in one figure is of the decade that ends
 * with the day on which it was looked at, or of the one before.
 *
 * @param code as printed
 * @param template such as `{YY}{DDD}`, `{M}{YY}{#}{#}` with braces round each token
 * @param seenOn ISO day by which it was there; nothing is made after it
 * @returns undefined when it does not read so
 * @example readDateCode('26061', '{YY}{DDD}', '2026-11-01') // => { from: '2026-03-02', to: '2026-03-02' }
 */
export function readDateCode(code: string, template: string, seenOn: string): MadeIn | undefined {
  const found = patternOf(template).exec(tidy(code))?.groups
  if (!found) return undefined
  const year = yearOf(found, seenOn)
  if (year === undefined || year < years.first || year > years.last) return undefined
  const span = spanOf(found, year)
  return span && span.from <= seenOn ? span : undefined
}

function yearOf({ year4, year2, year1 }: Record<string, string>, seenOn: string): number | undefined {
  if (year4 !== undefined) return Number(year4)
  if (year2 !== undefined) return Number(year2) + (Number(year2) >= 90 ? 1900 : 2000)
  if (year1 === undefined) return undefined
  const seen = Number(seenOn.slice(0, 4))
  const same = seen - (seen % 10) + Number(year1)
  return same > seen ? same - 10 : same
}

function spanOf({ dayOfYear, month, monthLetter, day, week }: Record<string, string>, year: number) {
  const one = (date: Date): MadeIn => ({ from: iso(date), to: iso(date) })
  if (dayOfYear !== undefined) {
    const date = utc(year, 0, Number(dayOfYear))
    return Number(dayOfYear) > 0 && date.getUTCFullYear() === year ? one(date) : undefined
  }
  if (week !== undefined) return weekOf(year, Number(week))
  const months = month === undefined ? monthLetter && monthLetter.charCodeAt(0) - 64 : Number(month)
  if (months === undefined || months === '') return { from: `${year}-01-01`, to: `${year}-12-31` }
  if (months < 1 || months > 12) return undefined
  const last = utc(year, months, 0)
  if (day === undefined) return { from: iso(utc(year, months - 1, 1)), to: iso(last) }
  return Number(day) >= 1 && Number(day) <= last.getUTCDate() ? one(utc(year, months - 1, Number(day))) : undefined
}

/** Source: ISO 8601: week 1 is the one with the fourth of January in it, and begins on a Monday. */
function weekOf(year: number, week: number): MadeIn | undefined {
  const fourth = utc(year, 0, 4)
  const first = fourth.getTime() - ((fourth.getUTCDay() + 6) % 7) * msPerDay
  const from = new Date(first + (week - 1) * 7 * msPerDay)
  const hasWeek = week >= 1 && utc(year, 0, 4).getTime() <= from.getTime() + 6 * msPerDay && week <= weeksOf(year)
  return hasWeek ? { from: iso(from), to: iso(new Date(from.getTime() + 6 * msPerDay)) } : undefined
}

function weeksOf(year: number): number {
  const [first, last] = [utc(year, 0, 1).getUTCDay(), utc(year, 11, 31).getUTCDay()]
  return first === 4 || last === 4 ? 53 : 52
}

/** A code with what it means: a day, a month or a year, as ISO writes them. */
export interface TaughtCode {
  code: string
  means: string
}

/** So many tokens a code is taken apart into at most, so that a long one is no puzzle. */
const longest = 16

/**
 * All templates by which two codes mean what they are said to mean, the plainest first. What none needs is any figure
 * or letter.
 *
 * @param taught two codes or more
 * @param seenOn ISO day by which they were there
 * @returns a problem in the user's words when there is none
 * @example
 * teachDateCode([{ code: '26061', means: '2026-03-02' }, { code: '25360', means: '2025-12-26' }], '2026-11-01')
 * // => { ok: true, value: ['{YY}{DDD}'] }
 */
export function teachDateCode(taught: readonly TaughtCode[], seenOn: string): Result<string[]> {
  const [first, ...others] = taught
  if (!first || others.length === 0) return problem('few', 'It takes two codes with what they mean.')
  if (tidy(first.code).length > longest) return problem('long', `A code has at most ${longest} signs.`)
  if (others.every(({ code }) => tidy(code) === tidy(first.code)))
    return problem('same', 'It takes two codes that differ.')
  const templates = templatesOf(tidy(first.code)).filter((template) =>
    taught.every(({ code, means }) => reads(code, template, means, seenOn)),
  )
  const exact = templates.filter((template) => !templates.some((other) => isFiner(other, template)))
  return exact.length > 0
    ? ok(exact.slice(0, mostTemplates))
    : problem(
        'none',
        'No template reads both codes so. Look at the days again, or at which letters belong to the code.',
      )
}

/** So many are offered. */
const mostTemplates = 6

/** Whether a code read by a template means what it is said to mean; a week may begin or end outside what is said. */
function reads(code: string, template: string, means: string, seenOn: string): boolean {
  const made = readDateCode(code, template, seenOn)
  if (!made) return false
  const [begins, ends] = [made.from.startsWith(means), made.to.startsWith(means)]
  const isWeek = Date.parse(made.to) - Date.parse(made.from) === 6 * msPerDay
  return isWeek ? begins || ends || (made.from <= means && means <= made.to) : begins && ends
}

const dated = /\{(YYYY|YY|Y)\}/

/** Takes a code apart into tokens in every way that has one year and tells no more than once the day. */
function templatesOf(code: string): string[] {
  const found: string[] = []
  const walk = (at: number, template: string): void => {
    if (at >= code.length) {
      if (dated.test(template) && (!template.includes('{DD}') || /\{(MM|M)\}/.test(template))) found.push(template)
      return
    }
    const rest = code.slice(at)
    const digits = /^\d+/.exec(rest)?.[0].length ?? 0
    const isUsed = (...names: string[]) => names.some((name) => template.includes(`{${name}}`))
    const step = (token: string, width: number): void => walk(at + width, `${template}{${token}}`)
    if (digits === 0 && !/^[A-Z]/.test(rest)) return walk(at + 1, template + rest.slice(0, 1))
    if (digits === 0) {
      if (/^[A-L]/.test(rest) && !isUsed('MM', 'M', 'DDD', 'WW')) step('M', 1)
      return step('@', 1)
    }
    const hasYear = isUsed('YYYY', 'YY', 'Y')
    if (!hasYear && digits >= 4) step('YYYY', 4)
    if (!hasYear && digits >= 2) step('YY', 2)
    if (!hasYear) step('Y', 1)
    const hasPart = isUsed('MM', 'M', 'DDD', 'WW')
    if (!hasPart && !isUsed('DD') && digits >= 3) step('DDD', 3)
    if (!hasPart && !isUsed('DD') && digits >= 2) step('WW', 2)
    if (!hasPart && digits >= 2) step('MM', 2)
    if (!isUsed('DD', 'DDD', 'WW') && digits >= 2) step('DD', 2)
    step('#', 1)
  }
  walk(0, '')
  return found
}

const tokensOf = (template: string): string[] => [...template.matchAll(/\{([^}]+)\}/g)].map(([, token]) => token ?? '')
const isUnread = (token: string): boolean => token === '#' || token === '@'

/** Whether one template says all that another says, and more of it or with fewer signs unread. */
function isFiner(one: string, other: string): boolean {
  const said = (template: string) =>
    tokensOf(template).flatMap((token) => (isUnread(token) ? [] : token.startsWith('Y') ? 'year' : token))
  const unread = (template: string) => tokensOf(template).filter(isUnread).length
  const [more, less] = [said(one), said(other)]
  return less.every((token) => more.includes(token)) && (more.length > less.length || unread(one) < unread(other))
}

/**
 * All that a code may mean by the templates of its brand; several when they read it differently.
 *
 * @example readingsOfDateCode('26061', ['{YY}{DDD}', '{Y}{MM}{#}{#}'], '2026-11-01').length // => 1
 */
export function readingsOfDateCode(code: string, templates: readonly string[], seenOn: string): MadeIn[] {
  const all = templates.flatMap((template) => readDateCode(code, template, seenOn) ?? [])
  return [...new Map(all.map((made) => [`${made.from} ${made.to}`, made])).values()]
}

/**
 * When something was made, in words.
 *
 * @example formatMadeIn({ from: '2026-03-01', to: '2026-03-31' }) // => '2026-03'
 * @example formatMadeIn({ from: '2026-03-02', to: '2026-03-08' }) // => '2026-03-02 to 2026-03-08'
 */
export function formatMadeIn({ from, to }: MadeIn): string {
  if (from === to) return from
  if (from.endsWith('-01-01') && to.endsWith('-12-31')) return from.slice(0, 4)
  const isMonth = from.slice(0, 7) === to.slice(0, 7) && from.endsWith('-01') && Number(to.slice(8)) >= 28
  return isMonth ? from.slice(0, 7) : `${from} to ${to}`
}

/**
 * How long something lay on a shelf, in whole months, from the middle of when it was made.
 *
 * @example shelfMonths({ from: '2025-01-01', to: '2025-01-31' }, '2026-01-20') // => 12
 */
export function shelfMonths({ from, to }: MadeIn, openedOn: string): number {
  const middle = (Date.parse(from) + Date.parse(to)) / 2
  return Math.max(0, Math.round((Date.parse(openedOn) - middle) / msPerDay / 30.44))
}

/**
 * The oldest and the newest that was made, of codes that have one meaning; a code of several is at neither end.
 *
 * @param codes with all that each may mean
 * @returns undefined where fewer than two are known, or all are of one time
 * @example
 * madeBetween([[{ from: '2025-03-01', to: '2025-03-31' }], [{ from: '2026-07-19', to: '2026-07-19' }]])?.newest.from
 * // => '2026-07-19'
 */
export function madeBetween(codes: readonly (readonly MadeIn[])[]): { oldest: MadeIn; newest: MadeIn } | undefined {
  const sure = codes
    .flatMap(([only, ...more]) => (only && more.length === 0 ? [only] : []))
    .sort((a, b) => a.from.localeCompare(b.from) || a.to.localeCompare(b.to))
  const [oldest, newest] = [sure[0], sure.at(-1)]
  return oldest && newest && oldest.from !== newest.from ? { oldest, newest } : undefined
}
