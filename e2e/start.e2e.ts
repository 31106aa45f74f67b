import { spawn, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { freePort } from './app.ts'

const root = join(import.meta.dirname, '..')

/** Runs a command of the README with a data folder that is not there yet, until the app answers. */
async function firstStart(command: string): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'plicator-start-'))
  const data = join(folder, 'data')
  const port = await freePort()
  const env = { ...process.env, PLICATOR_DATA: data, PORT: String(port) }
  const started = spawn(join(root, command), { cwd: root, env, stdio: ['ignore', 'pipe', 'pipe'] })
  let said = ''
  try {
    await new Promise<void>((resolve, reject) => {
      started.stdout.on('data', (text: Buffer) => {
        said += String(text)
        if (said.includes('Plicator is at')) resolve()
      })
      started.stderr.on('data', (text: Buffer) => (said += String(text)))
      started.on('exit', (code) => reject(new Error(`${command} ended with ${code}: ${said}`)))
    })
    expect((await fetch(`http://127.0.0.1:${port}/health`)).status).toBe(200)
    expect(existsSync(join(data, 'plicator.sqlite'))).toBe(true)
  } finally {
    started.removeAllListeners('exit')
    await ended(started)
    rmSync(folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 })
  }
  return said
}

/** Tells a command to stop, and waits until it has. */
async function ended(command: ChildProcess): Promise<void> {
  if (command.exitCode !== null) return
  const exit = once(command, 'exit')
  command.kill()
  await exit
}

test.each(['bin/start', 'bin/demo'])(
  '%s starts where there are no data yet, and says where they lie',
  async (command) => {
    const said = await firstStart(command)
    expect(said).toMatch(/Your data lies in .+\/data\./)
    expect(said).toContain('There is no backup of it yet.')
  },
)
