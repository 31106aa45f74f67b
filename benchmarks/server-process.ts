import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'

const root = join(import.meta.dirname, '..')

/** How much memory bin/start lets the app take: what is measured runs as it does at its users'. */
export const modestMemory = { MALLOC_ARENA_MAX: '2', NODE_OPTIONS: '--max-old-space-size=768' }

/** The built app on a folder of its own, in a process of its own. */
export interface RunningServer {
  url: string
  /** Resident memory in bytes; Linux alone tells. */
  memory(): number
  /** What it has worked so far, over all processors, ms; Linux alone tells. */
  worked(): number
  kill(signal: NodeJS.Signals): Promise<void>
  stop(): Promise<void>
}

/** Starts the built app on a free port; rejects with what it said when it does not come up. */
export async function startServer(folder: string, more: NodeJS.ProcessEnv = {}): Promise<RunningServer> {
  const port = await freePort()
  const own = { PLICATOR_DATA: folder, PORT: String(port), NODE_ENV: 'production' }
  const env = { ...process.env, ...modestMemory, ...own, ...more }
  const server = spawn('node', ['bin/serve.mjs'], { cwd: root, env, stdio: ['ignore', 'pipe', 'pipe'] })
  let said = ''
  const ended = new Promise<void>((resolve) => server.once('exit', () => resolve()))
  await new Promise<void>((resolve, reject) => {
    server.stderr.on('data', (text: Buffer) => (said += String(text)))
    server.stdout.on('data', (text: Buffer) => String(text).includes('Plicator is at') && resolve())
    server.once('exit', (code) => reject(new Error(`The server ended with ${code}: ${said}`)))
  })
  const kill = async (signal: NodeJS.Signals) => {
    server.kill(signal)
    await ended
  }
  return {
    url: `http://127.0.0.1:${port}`,
    worked: () => {
      const fields = readFileSync(`/proc/${server.pid}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? []
      // The kernel counts in hundredths of a second, for the app and for itself on its behalf.
      return 10 * (Number(fields[11]) + Number(fields[12]))
    },
    memory: () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1]) * 1024,
    kill,
    stop: () => kill('SIGTERM'),
  }
}

export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })
