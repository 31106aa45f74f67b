import type { RunningPackage } from './running-packages.ts'

/** The licences of the packages that run with the app, as a page. */
export const licencesMarkdown = (packages: readonly RunningPackage[]): string =>
  [
    '# Licences',
    '',
    'Of the packages that run with the app, by the lock file; `npm run docs` writes this page.',
    '',
    '| Package | Version | Licence |',
    '|---|---|---|',
    ...distinct(packages.map(({ name, version, licence }) => `| ${name} | ${version} | ${licence} |`)),
    '',
  ].join('\n')

const distinct = (lines: readonly string[]): string[] => [...new Set(lines)]
