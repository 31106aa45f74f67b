import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { inspect } from 'node:util'
import { expect, test } from 'vitest'
import * as exampleValues from './examples.fixture.ts'

/** Every `@example` in the docs of core, run: its expression must come to the result that it states. */
interface Example {
  file: string
  expression: string
  /** Undefined where the doc states none, which is a fault. */
  result: string | undefined
}

const folder = import.meta.dirname
const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !/\.(test|fixture)\.ts$/.test(file))
  .sort()

function examplesOf(file: string): Example[] {
  const source = readFileSync(join(folder, file), 'utf8')
  const docs = source.match(/\/\*\*[\s\S]*?\*\//g) ?? []
  return docs.flatMap((doc) => {
    const text = doc
      .replace(/^\/\*\*|\*\/$/g, '')
      .replace(/^[ \t]*\*[ ]?/gm, '')
      .trimEnd()
    const [, ...examples] = text.split('@example')
    return examples.map((example) => {
      const [expression = '', result] = (example.split(/\n@\w/)[0] ?? '').split('// =>')
      return { file, expression: expression.trim(), result: result?.trim() }
    })
  })
}

/** A number that rounds to the one that is written; a whole one must be met as it is. */
const near = (written: string) => {
  const value = Number(written)
  const decimals = /\.(\d+)/.exec(written)?.[1]?.length ?? 0
  const exponent = Number(/e(-?\d+)$/.exec(written)?.[1] ?? 0)
  const tolerance = decimals === 0 ? Math.abs(value) * 1e-9 : 0.5000001 * 10 ** (exponent - decimals)
  return {
    asymmetricMatch: (actual: unknown) => typeof actual === 'number' && Math.abs(actual - value) <= tolerance,
    toString: () => `about ${written}`,
  }
}

const stringOrNumber = /'(?:\\.|[^'\\])*'|"(?:\\.|[^"\\])*"|`(?:\\.|[^`\\])*`|(?<![\w.])-?\d+(?:\.\d+)?(?:e-?\d+)?/g

/** The stated result, with every number to be met as closely as it is written. */
const matcherOf = (result: string): string =>
  result.replace(stringOrNumber, (token) => (/^['"`]/.test(token) ? token : `near('${token}')`))

const modules = await Promise.all(
  files.map(async (file) => [file, (await import(join(folder, file))) as object] as const),
)
const everything = { ...Object.assign({}, ...modules.map(([, exported]) => exported)), ...exampleValues }

function evaluate(code: string, file: string): unknown {
  const scope = { ...everything, ...modules.find(([name]) => name === file)?.[1], near }
  return new Function(...Object.keys(scope), `return (${code})`)(...Object.values(scope))
}

/** What is wrong with an example; undefined when it is true. */
function faultOf({ file, expression, result }: Example): string | undefined {
  if (result === undefined) return `${expression} states no result`
  try {
    const actual = evaluate(expression, file)
    const isPartial = result.includes('…')
    const expected = evaluate(matcherOf(isPartial ? result.replace(/,?\s*…/g, '') : result), file)
    if (!isPartial) expect(actual).toEqual(expected)
    else if (Array.isArray(expected)) expect((actual as unknown[]).slice(0, expected.length)).toEqual(expected)
    else expect(actual).toMatchObject(expected as object)
    return undefined
  } catch (error) {
    const shown =
      error instanceof ReferenceError || error instanceof SyntaxError ? '' : inspect(tryEvaluate(expression, file))
    return `${expression} // => ${result}\n  ${String(error).split('\n')[0]} ${shown}`
  }
}

function tryEvaluate(expression: string, file: string): unknown {
  try {
    return evaluate(expression, file)
  } catch (error) {
    return error
  }
}

test.each(files)('the examples of %s are true', (file) => {
  expect(examplesOf(file).flatMap((example) => faultOf(example) ?? [])).toEqual([])
})

test('the docs of core have examples to run', () =>
  expect(files.flatMap(examplesOf).length).toBeGreaterThanOrEqual(200))
