import { existsSync, readFileSync } from 'node:fs'

export interface RunningPackage {
  name: string
  version: string
  licence: string
  hasInstallScript: boolean
}

interface LockedPackage {
  version?: string
  dev?: boolean
  optional?: boolean
  hasInstallScript?: boolean
}

/** The packages that run with the app, by the lock file: those that are only for its making are left out. */
export function runningPackages(): RunningPackage[] {
  const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
    packages: Record<string, LockedPackage>
  }
  return Object.entries(packages)
    .filter(([path, { dev }]) => path !== '' && !dev)
    .filter(([path, { optional }]) => !optional || existsSync(path))
    .map(([path, { version = '', hasInstallScript = false }]) => ({
      name: path.replace(/^.*node_modules\//, ''),
      version,
      licence: licenceOf(path),
      hasInstallScript,
    }))
    .sort((a, b) => a.name.localeCompare(b.name, 'en') || a.version.localeCompare(b.version, 'en'))
}

function licenceOf(path: string): string {
  try {
    const about = JSON.parse(readFileSync(`${path}/package.json`, 'utf8')) as {
      license?: string | { type?: string }
      licenses?: { type?: string }[]
    }
    const { license, licenses } = about
    return typeof license === 'string'
      ? license
      : (license?.type ?? licenses?.map(({ type }) => type).join(' OR ') ?? '')
  } catch {
    return ''
  }
}
