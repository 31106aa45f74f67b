import { micromark } from 'micromark'
import { escapeMarkup } from './escape-markup.ts'
import { withValues, type InsertedValue } from './inserted-values.ts'

/** Where a figure stands while the Markdown around it is read: signs that nobody types. */
const [opens, closes] = ['\uE000', '\uE001']
const places = /\uE000(\d+)\uE001/g

/**
 * A prose as HTML: Markdown with its figures in place, those that have moved marked. Markup that was typed is text, no
 * picture is asked for from anywhere, and only links to the web are links.
 *
 * @param markdown with figures by their names between braces
 * @param values of the figures
 * @example proseHtml('*{a of b}*', [{ name: 'a of b', text: '1 mm' }]) // => '<p><em><b>1 mm</b></em></p>'
 */
export function proseHtml(markdown: string, values: readonly InsertedValue[]): string {
  const figures: InsertedValue[] = []
  const placed = withValues(markdown.replace(/[\uE000\uE001]/g, ''), values, (value) => {
    figures.push(value)
    return `${opens}${figures.length - 1}${closes}`
  })
  const html = micromark(placed, { extensions: [{ disable: { null: ['labelStartImage', 'definition'] } }] })
  return html
    .split(/(<[^>]*>)/)
    .map((piece) =>
      piece.startsWith('<')
        ? webLink(piece.replace(places, ''))
        : piece.replace(places, (_, at: string) => figureHtml(figures[Number(at)])),
    )
    .join('')
}

function figureHtml(value: InsertedValue | undefined): string {
  const text = escapeMarkup(value?.text ?? '')
  return value?.was === undefined ? `<b>${text}</b>` : `<mark title="was ${escapeMarkup(value.was)}">${text}</mark>`
}

/** A tag whose link leads to the web, or nowhere. */
function webLink(tag: string): string {
  if (!tag.startsWith('<a ')) return tag
  return /^<a href="https?:/i.test(tag) ? tag.replace('<a ', '<a rel="noreferrer" ') : '<a>'
}

/**
 * A text as it stands in Markdown: nothing of it is a sign of Markdown.
 *
 * @example escapeMarkdown('1*2_3') // => '1\\*2\\_3'
 */
export const escapeMarkdown = (text: string): string => text.replace(/[\\`*_{}[\]<>()#+!|~&-]/g, (sign) => `\\${sign}`)

/**
 * A prose as Markdown, with its figures in place.
 *
 * @example proseMarkdown('*{a of b}*', [{ name: 'a of b', text: '1_mm' }]) // => '*1\\_mm*'
 */
export const proseMarkdown = (markdown: string, values: readonly InsertedValue[]): string =>
  withValues(markdown, values, ({ text }) => escapeMarkdown(text))

/**
 * A prose as plain text, with its figures in place and without the signs of Markdown.
 *
 * @example proseText('**{a of b}**, [here](http://x.y)', [{ name: 'a of b', text: '1 mm' }]) // => '1 mm, here'
 */
export const proseText = (markdown: string, values: readonly InsertedValue[]): string =>
  withValues(markdown, values, ({ text }) => text)
    .replace(/!?\[([^\]]*)\]\([^)]*\)/g, '$1')
    .replace(/^\s{0,3}(#{1,6}|>)\s?/gm, '')
    .replace(/(\*\*|__|\*|_|`)(?=\S)([^\n]*?\S)\1/g, '$2')
    .trim()
