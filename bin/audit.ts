/**
 * Looks at the packages that run with the app: no install script but the one that compiles SQLite, each named with its
 * reason in docs/security.md, each with a licence that is known; then asks the registry for advisories.
 */
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { runningPackages } from './running-packages.ts'

/** The one package that compiles something when it is installed. */
const mayCompile = ['better-sqlite3']
const licences = new Set(
  (
    'MIT MIT-0 MIT/X11 ISC 0BSD BSD-2-Clause BSD-3-Clause Apache-2.0 OFL-1.1 Unlicense CC0-1.0 BlueOak-1.0.0 Zlib ' +
    'Python-2.0 LGPL-3.0-or-later'
  ).split(' '),
)
/** It comes with the reader of workbooks and names no licence. */
const unnamed = ['buffers']

const packages = runningPackages()
const security = readFileSync('docs/security.md', 'utf8')
const { dependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as { dependencies: Record<string, string> }
/** One of the licences that can be chosen is known, with all that goes along with it. */
const isKnown = (licence: string): boolean =>
  licence
    .replace(/[()]/g, '')
    .split(' OR ')
    .some((choice) => choice.split(' AND ').every((one) => licences.has(one)))

const wrong = [
  ...packages
    .filter(({ name, hasInstallScript }) => hasInstallScript && !mayCompile.includes(name))
    .map(({ name }) => `${name} runs a script when it is installed.`),
  ...packages
    .filter(({ name, licence }) => !isKnown(licence) && !unnamed.includes(name))
    .map(({ name, licence }) => `${name} has a licence to be looked at: ${licence || 'none named'}.`),
  ...Object.keys(dependencies)
    .filter((name) => !security.includes(`| ${name} |`))
    .map((name) => `${name} has no line in docs/security.md.`),
]
for (const one of wrong) console.error(one)
console.log(
  `${packages.length} packages run with the app; ${wrong.length === 0 ? 'nothing is wrong with them' : 'see above'}.`,
)

try {
  console.log(execFileSync('npm', ['audit', '--omit=dev'], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] }))
} catch (error) {
  const { stdout = '', stderr = '' } = error as { stdout?: string; stderr?: string }
  if (/audit endpoint|ENOTFOUND|EAI_AGAIN|ECONNREFUSED/.test(stderr))
    console.log('This registry answers no audit. Run "npm audit --omit=dev" where the public registry can be reached.')
  else {
    console.error(stdout || stderr)
    process.exitCode = 1
  }
}
if (wrong.length > 0) process.exitCode = 1
