import { spawn, type ChildProcess } from 'node:child_process'
import { createWriteStream, readdirSync, readlinkSync } from 'node:fs'
import { join } from 'node:path'
import type { Stretch } from '../benchmarks/neighbours.ts'
import { modestMemory } from '../benchmarks/server-process.ts'

const root = join(import.meta.dirname, '..')

/** The built app on a port, with data of its own. */
export async function startServer(data: string, port: number): Promise<ChildProcess> {
  const env = { ...process.env, ...modestMemory, PLICATOR_DATA: data, PORT: String(port) }
  const server = spawn('node', ['bin/serve.mjs'], { cwd: root, env, stdio: ['ignore', 'pipe', 'pipe'] })
  server.stderr.pipe(createWriteStream(join(data, 'faults.txt')))
  await new Promise<void>((resolve, reject) => {
    server.stdout.on('data', (text: Buffer) => String(text).includes('Plicator is at') && resolve())
    server.on('exit', (code) => reject(new Error(`The server ended with ${code}`)))
  })
  return server
}

/** How many files the server holds open. */
export function openFiles({ pid }: ChildProcess): number {
  const folder = `/proc/${pid}/fd`
  return readdirSync(folder).filter((name) => isFile(join(folder, name))).length
}

function isFile(link: string): boolean {
  try {
    return readlinkSync(link).startsWith('/')
  } catch {
    return false // closed meanwhile
  }
}

/** A page that was asked for, and when, as an epoch in milliseconds. */
export interface AskedPage extends Stretch {
  at: number
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
  const watcher = spawn('node', ['--import', 'tsx', 'fuzz/watcher.ts', url, String(pid)], {
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
