import { readFileSync, writeFileSync } from 'node:fs'
import { licencesMarkdown } from './licences-md.ts'
import { runningPackages } from './running-packages.ts'
import { methodMarkdown, type SimulationResults } from '#core/exchange/method-md.ts'

const simulation = JSON.parse(readFileSync('simulation/results.json', 'utf8')) as SimulationResults
writeFileSync('docs/method.md', methodMarkdown(simulation))
writeFileSync('docs/licences.md', licencesMarkdown(runningPackages()))
