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

/** The fonts, and a page that is not shown before they are there: words never jump while they are read. */
export const fontStyles = [
  ...fonts.map(
    ({ family, weight, url }) =>
      `@font-face { font-family: '${family}'; font-weight: ${weight}; font-display: optional; ` +
      `src: url(${url}) format('woff2'); }`,
  ),
  '[data-fonts="coming"] body { visibility: hidden; }',
].join('\n')

/** So long a page waits for its fonts, ms; then it is shown in those of the machine. */
const longestWait = 400

const faces = JSON.stringify(fonts.map(({ family, weight }) => `${weight} 16px "${family}"`))

/** Runs before anything is drawn. */
export const fontScript = `(() => {
  const page = document.documentElement
  const show = () => page.removeAttribute('data-fonts')
  page.setAttribute('data-fonts', 'coming')
  Promise.all(${faces}.map((font) => document.fonts.load(font))).then(show, show)
  setTimeout(show, ${longestWait})
})()`
