import { execFileSync } from 'node:child_process'
import { cpSync } from 'node:fs'
import type { Outcome } from './case.ts'
import { demoFolder, emptyFolder, removeFolder } from './folder.ts'

function isMounted(folder: string, size: string): boolean {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${size}`, 'tmpfs', folder], { stdio: 'ignore' })
    return true
  } catch {
    return false
  }
}

/** Does something on a disk of its own with the demo on it, so many times; where none may be mounted it says so. */
export async function onOwnDisk(
  outcome: Outcome,
  { times, size }: { times: number; size: string },
  work: (disk: string) => Promise<void>,
): Promise<Outcome> {
  for (let turn = 0; turn < times; turn++) {
    const disk = emptyFolder()
    if (!isMounted(disk, size)) {
      outcome.remarks.push('not tried: no disk may be mounted here')
      removeFolder(disk)
      return outcome
    }
    const source = demoFolder()
    cpSync(source, disk, { recursive: true })
    removeFolder(source)
    await work(disk)
    execFileSync('umount', ['-l', disk], { stdio: 'ignore' })
    removeFolder(disk)
  }
  return outcome
}
