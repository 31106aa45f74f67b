import { parse, type DefaultTreeAdapterTypes as Html } from 'parse5'

/** Names of the elements of a document and addresses that it asks for, by parse5. */
export function readArticle(html: string): { names: Set<string>; asked: string[] } {
  const names = new Set<string>()
  const asked: string[] = []
  const walk = (node: Html.Node): void => {
    if ('tagName' in node) {
      names.add(node.tagName)
      asked.push(...node.attrs.filter(({ name }) => name === 'src').map(({ value }) => value.slice(0, 5)))
    }
    if ('childNodes' in node) node.childNodes.forEach(walk)
  }
  walk(parse(html))
  return { names, asked }
}
