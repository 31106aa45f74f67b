import { randomUUID } from 'node:crypto'
import { rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

/** @throws the system's error when nothing can be written into a folder */
export function ensureWritable(folder: string): void {
  const probe = join(folder, `.probe-${randomUUID()}`)
  try {
    writeFileSync(probe, 'x')
  } finally {
    rmSync(probe, { force: true })
  }
}
