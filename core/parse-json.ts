/**
 * A JSON text as what it says; undefined where it is none.
 *
 * @param text whatever it is
 * @example parseJson('{"a":1}') // => { a: 1 }
 * @example parseJson('{') // => undefined
 */
export function parseJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown
  } catch {
    return undefined
  }
}
