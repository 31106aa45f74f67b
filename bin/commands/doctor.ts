import { examine } from '#app/storage/doctor.ts'
import { runCommand } from './run-command.ts'

const marks = { good: 'ok  ', mind: 'mind', bad: 'BAD ' }

await runCommand(async () => {
  const findings = await examine()
  const width = Math.max(...findings.map(({ what }) => what.length))
  for (const { what, state, says } of findings) console.log(`${marks[state]}  ${what.padEnd(width)}  ${says}`)
  if (findings.some(({ state }) => state === 'bad')) process.exitCode = 1
})
