import type { FilmMoment } from './film.ts'

/** A chapter of a film, whole seconds from its beginning. */
export interface Chapter {
  at: number
  title: string
}

/** Chapters begin at least so far apart, s, and there are so many at most. Common practice, no published source. */
export const chapterRules = { apart: 10, most: 100 }

/**
 * Chapters as they can be published: the first at the beginning, each later than the one before and far enough from it;
 * of those too close the later go, of too many the shortest.
 *
 * @param moments of the film, in its order
 * @param opening what the film begins with, where no chapter does
 * @example chaptersOf([{ at: 4.6, text: 'Box', isChapter: true }], 'Opening') // => [{ at: 0, title: 'Box' }]
 */
export function chaptersOf(moments: readonly FilmMoment[], opening: string): Chapter[] {
  const chapters: Chapter[] = []
  for (const { at, text } of moments.filter(({ isChapter }) => isChapter)) {
    const title = text.replace(/\s+/g, ' ').trim()
    const begins = Math.round(at)
    const last = chapters.at(-1)
    if (!last && begins >= chapterRules.apart) chapters.push({ at: 0, title: opening })
    if (!last && begins < chapterRules.apart) chapters.push({ at: 0, title })
    else if (begins - (chapters.at(-1)?.at ?? 0) >= chapterRules.apart) chapters.push({ at: begins, title })
  }
  while (chapters.length > chapterRules.most) {
    const lengths = chapters.map(({ at }, index) => (chapters[index + 1]?.at ?? Infinity) - at)
    // The first one stays: a film begins with a chapter.
    const shortest = lengths.indexOf(Math.min(...lengths.slice(1)), 1)
    chapters.splice(shortest, 1)
  }
  return chapters
}

/**
 * Chapters as a list of times.
 *
 * @example formatChapters([{ at: 0, title: 'Opening' }, { at: 3725, title: 'Cut' }])
 * // => '0:00:00 Opening\n1:02:05 Cut'
 */
export function formatChapters(chapters: readonly Chapter[]): string {
  const isLong = (chapters.at(-1)?.at ?? 0) >= 3600
  const two = (value: number) => String(value).padStart(2, '0')
  return chapters
    .map(({ at, title }) => {
      const [hours, minutes, seconds] = [Math.floor(at / 3600), Math.floor(at / 60) % 60, at % 60]
      return `${isLong ? `${hours}:${two(minutes)}` : minutes}:${two(seconds)} ${title}`
    })
    .join('\n')
}
