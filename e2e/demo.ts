import { execFileSync } from 'node:child_process'
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const root = join(import.meta.dirname, '..')

/** Where the run of the tests keeps the demo, for every app that starts with it. */
const shared = 'PLICATOR_E2E_DEMO'

/** Brings the demo into an empty data folder: it is loaded once a run, and copied from then on. */
export function bringDemo(data: string, env: NodeJS.ProcessEnv): void {
  const loaded = process.env[shared]
  if (loaded) cpSync(loaded, data, { recursive: true })
  else loadDemo(env)
}

const loadDemo = (env: NodeJS.ProcessEnv): void => {
  execFileSync('npx', ['tsx', 'db/demo/load.ts'], { cwd: root, env, stdio: 'pipe' })
}

/** Before all tests of a run. */
export default function beforeAllFiles(): () => void {
  const folder = mkdtempSync(join(tmpdir(), 'plicator-e2e-demo-'))
  loadDemo({ ...process.env, PLICATOR_DATA: folder })
  process.env[shared] = folder
  return () => rmSync(folder, { recursive: true, force: true })
}
