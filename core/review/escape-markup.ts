const entities: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
}

/** Signs that no XML document may hold. Source: Extensible Markup Language (XML) 1.0, 2.2. */
const forbidden =
  /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g

/**
 * A text as it stands in HTML, SVG or a feed, in elements and in attributes: what XML cannot hold is left out.
 *
 * @example escapeMarkup('<b> & "c"') // => '&lt;b&gt; &amp; &quot;c&quot;'
 */
export const escapeMarkup = (text: string): string =>
  text.replace(forbidden, '').replace(/[&<>"']/g, (sign) => entities[sign] ?? sign)
