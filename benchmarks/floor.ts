/**
 * What a page cannot be cheaper than: its SQL and its render alone, without the server, the data or the network around
 * them. Run by soak: tsx benchmarks/floor.ts FOLDER PATH... prints a line of JSON a path. Needs a build.
 */
import { createRequire } from 'node:module'
import SqliteFile from 'better-sqlite3'
import { median } from 'simple-statistics'
import { freePort } from './server-process.ts'

export interface Floor {
  path: string
  /** Milliseconds in SQLite, and statements asked. */
  sql: number
  statements: number
  /** Milliseconds from the tree to its HTML, none for what is no page. */
  render: number
}

const spent = { sql: 0, statements: 0, render: 0 }

/** Has each call to SQLite counted and timed: statements are of one class, whatever the database. */
function watchSql(): void {
  const statement = Object.getPrototypeOf(new SqliteFile(':memory:').prepare('select 1')) as Record<string, Method>
  for (const name of ['all', 'get', 'run']) {
    const own = statement[name]!
    statement[name] = function (...bindings) {
      const start = performance.now()
      const result = own.apply(this, bindings)
      spent.sql += performance.now() - start
      spent.statements++
      return result
    }
  }
}

type Method = (this: unknown, ...given: unknown[]) => unknown

interface Stream {
  onAllReady(): void
}

/** Has each render timed from its beginning until all of it is there; nothing else is asked meanwhile. */
function watchRender(): void {
  const server = createRequire(import.meta.url)('react-dom/server') as {
    renderToPipeableStream(page: unknown, options: Stream): unknown
  }
  const own = server.renderToPipeableStream.bind(server)
  server.renderToPipeableStream = (page, options) => {
    const start = performance.now()
    return own(page, {
      ...options,
      onAllReady() {
        spent.render += performance.now() - start
        options.onAllReady()
      },
    })
  }
}

const runs = 15

async function floorOf(url: string, path: string): Promise<Floor> {
  const measured: (typeof spent)[] = []
  for (let run = 0; run < runs; run++) {
    Object.assign(spent, { sql: 0, statements: 0, render: 0 })
    await (await fetch(url + path)).arrayBuffer()
    measured.push({ ...spent })
  }
  const middle = (what: keyof typeof spent) => median(measured.map((one) => one[what]))
  return { path, sql: middle('sql'), statements: middle('statements'), render: middle('render') }
}

const [folder, ...paths] = process.argv.slice(2)
const port = await freePort()
Object.assign(process.env, { PLICATOR_DATA: folder, PORT: String(port), NODE_ENV: 'production' })
watchSql()
watchRender()
const built = (await import(new URL('../build/server/index.js', import.meta.url).href)) as { serve(): Promise<void> }
await built.serve()
// What is asked for first compiles what the others use.
for (const path of paths) await floorOf(`http://127.0.0.1:${port}`, path)
for (const path of paths) console.log(JSON.stringify(await floorOf(`http://127.0.0.1:${port}`, path)))
process.kill(process.pid, 'SIGTERM')
