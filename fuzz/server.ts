import { spawn, type ChildProcess } from 'node:child_process'
import { createWriteStream } from 'node:fs'
import { join } from 'node:path'

const root = join(import.meta.dirname, '..')

/** The built app on a port, with data of its own. */
export async function startServer(data: string, port: number): Promise<ChildProcess> {
  const env = {
    ...process.env,
    PLICATOR_DATA: data,
    PORT: String(port),
    MALLOC_ARENA_MAX: '2',
    NODE_OPTIONS: '--max-semi-space-size=8 --max-old-space-size=768',
  }
  const server = spawn('node', ['bin/serve.mjs'], { cwd: root, env, stdio: ['ignore', 'pipe', 'pipe'] })
  server.stderr.pipe(createWriteStream(join(data, 'faults.txt')))
  await new Promise<void>((resolve, reject) => {
    server.stdout.on('data', (text: Buffer) => String(text).includes('Plicator is at') && resolve())
    server.on('exit', (code) => reject(new Error(`The server ended with ${code}`)))
  })
  return server
}

/** When a page was asked for, as an epoch, and how long it took, in milliseconds. */
export interface AskedPage {
  at: number
  took: number
}

/** What it is like for somebody who works meanwhile. */
export interface Seen {
  pages: AskedPage[]
  /** Pages that did not come. */
  unanswered: number
  /** Megabytes. */
  peak: number
}

/** Asks for a page over and over, and looks at the memory of the server, in a process of its own. */
export function watch({ pid }: ChildProcess, url: string): { stop(): Promise<Seen> } {
  const watcher = spawn('node', ['fuzz/watcher.mjs', url, String(pid)], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  let said = ''
  watcher.stdout.on('data', (text: Buffer) => (said += String(text)))
  const ended = new Promise((resolve) => watcher.on('close', resolve))
  return {
    async stop() {
      watcher.kill('SIGTERM')
      await ended
      return JSON.parse(said) as Seen
    },
  }
}
