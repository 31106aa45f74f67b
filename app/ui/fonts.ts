import label500 from '@fontsource/barlow-condensed/files/barlow-condensed-latin-500-normal.woff2?url'
import label600 from '@fontsource/barlow-condensed/files/barlow-condensed-latin-600-normal.woff2?url'
import text400 from '@fontsource/public-sans/files/public-sans-latin-400-normal.woff2?url'
import text600 from '@fontsource/public-sans/files/public-sans-latin-600-normal.woff2?url'

const fonts = [
  { family: 'Barlow Condensed', weight: 500, url: label500 },
  { family: 'Barlow Condensed', weight: 600, url: label600 },
  { family: 'Public Sans', weight: 400, url: text400 },
  { family: 'Public Sans', weight: 600, url: text600 },
]

/** Asks for the fonts before the page is laid out. */
export const fontPreloads = fonts.map(({ url }) => ({
  ...{ rel: 'preload', as: 'font', type: 'font/woff2', href: url },
  crossOrigin: 'anonymous' as const,
}))

/** A font that comes too late waits for the next page: words never jump while they are read. */
export const fontFaces = fonts
  .map(
    ({ family, weight, url }) =>
      `@font-face { font-family: '${family}'; font-weight: ${weight}; font-display: optional; src: url(${url}) format('woff2'); }`,
  )
  .join('\n')
