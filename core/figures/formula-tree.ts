/** A formula as it is set: what stands over what, under a root, or raised. */
export type FormulaTree =
  | { kind: 'words'; text: string }
  | { kind: 'row'; parts: { sign: string; of: FormulaTree }[] }
  | { kind: 'fraction'; over: FormulaTree; under: FormulaTree }
  | { kind: 'root'; of: FormulaTree }
  | { kind: 'power'; of: FormulaTree; exponent: string }
  | { kind: 'group'; of: FormulaTree }

const raised: Record<string, string> = { '²': '2', '³': '3', '⁴': '4' }
const token = /[()√+−×÷/]|[²³⁴]|[^()√+−×÷/²³⁴]+/g

/**
 * A formula of a figure as it is set: sums of products, roots, powers and brackets, all else words. What follows ÷
 * stands under everything that is multiplied before it, what follows / under the one thing before it.
 *
 * @param formula as the figures write it
 * @returns undefined for what is a sentence and no formula, or is not closed
 * @example formulaTree('push ÷ area')?.kind // => 'fraction'
 * @example formulaTree('smallest of inlet, core and outlet area') // => undefined
 */
export function formulaTree(formula: string): FormulaTree | undefined {
  if (/[:,]/.test(formula) || !/[√+−×÷/²³⁴]/.test(formula)) return undefined
  const tokens = (formula.match(token) ?? []).map((one) => one.trim()).filter(Boolean)
  const reader = new FormulaReader(tokens)
  const tree = reader.sum()
  return reader.isDone ? tree : undefined
}

/** Reads tokens by descent: a sum of products of factors. */
class FormulaReader {
  #at = 0
  readonly #tokens: readonly string[]

  constructor(tokens: readonly string[]) {
    this.#tokens = tokens
  }

  get isDone(): boolean {
    return this.#at === this.#tokens.length
  }

  #take(...wanted: string[]): string | undefined {
    const next = this.#tokens[this.#at]
    if (next === undefined || !wanted.includes(next)) return undefined
    this.#at++
    return next
  }

  sum(): FormulaTree | undefined {
    return this.#row(['+', '−'], () => this.#product())
  }

  #row(signs: string[], read: () => FormulaTree | undefined): FormulaTree | undefined {
    const first = read()
    if (!first) return undefined
    const parts = [{ sign: '', of: first }]
    for (let sign = this.#take(...signs); sign !== undefined; sign = this.#take(...signs)) {
      const of = read()
      if (!of) return undefined
      parts.push({ sign, of })
    }
    return parts.length === 1 ? first : { kind: 'row', parts }
  }

  #product(): FormulaTree | undefined {
    let product = this.#row(['×'], () => this.#factor())
    while (product && this.#take('÷')) {
      const under = this.#factor()
      if (!under) return undefined
      product = { kind: 'fraction', over: bare(product), under: bare(under) }
      while (this.#take('×')) {
        const of = this.#factor()
        if (!of) return undefined
        product = {
          kind: 'row',
          parts: [
            { sign: '', of: product },
            { sign: '×', of },
          ],
        }
      }
    }
    return product
  }

  #factor(): FormulaTree | undefined {
    const over = this.#power()
    if (!over || !this.#take('/')) return over
    const under = this.#power()
    return under && { kind: 'fraction', over: bare(over), under: bare(under) }
  }

  #power(): FormulaTree | undefined {
    const of = this.#atom()
    const sign = of && this.#take(...Object.keys(raised))
    return of && sign ? { kind: 'power', of, exponent: raised[sign] ?? '' } : of
  }

  #atom(): FormulaTree | undefined {
    if (this.#take('√')) {
      const of = this.#atom()
      return of && { kind: 'root', of: bare(of) }
    }
    if (this.#take('(')) {
      const of = this.sum()
      return of && this.#take(')') ? { kind: 'group', of } : undefined
    }
    const text = this.#tokens[this.#at]
    if (text === undefined || /^[)+−×÷/²³⁴]$/.test(text)) return undefined
    this.#at++
    return { kind: 'words', text }
  }
}

/** Brackets fall away where a line or a root holds together what they held. */
const bare = (tree: FormulaTree): FormulaTree => (tree.kind === 'group' ? tree.of : tree)
