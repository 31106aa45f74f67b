import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { RouteConfigEntry } from '@react-router/dev/routes'
import table from '../app/routes.ts'

/** A route as a request finds it. */
export interface FuzzedRoute {
  /** With the names of its parameters behind colons. */
  path: string
  file: string
  hasLoader: boolean
  hasAction: boolean
  isPage: boolean
}

const root = join(import.meta.dirname, '../app')

/** Every route of the app, as its own table has them: a new one joins by itself. */
export async function allRoutes(): Promise<FuzzedRoute[]> {
  return flat(await table, '')
}

function flat(entries: readonly RouteConfigEntry[], above: string): FuzzedRoute[] {
  return entries.flatMap(({ path = '', file, children = [], index }) => {
    // What several pages share, and nobody asks for.
    if (path === '' && !index) return flat(children, above)
    const whole = path === '' ? above : `${above}/${path}`
    const source = readFileSync(join(root, file), 'utf8')
    const exports = (what: string) => new RegExp(`export (async )?(const|function) ${what}\\b`).test(source)
    const own = {
      path: whole || '/',
      file,
      hasLoader: exports('loader'),
      hasAction: exports('action'),
      isPage: source.includes('export default'),
    }
    return [own, ...flat(children, whole)]
  })
}
