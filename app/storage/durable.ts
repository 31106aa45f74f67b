import { closeSync, fsyncSync, openSync, renameSync } from 'node:fs'
import { open, rename } from 'node:fs/promises'
import { dirname } from 'node:path'

/** Waits until the disk has what was written to a file, or the names in a folder. */
export function syncFile(path: string): void {
  const handle = openSync(path, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}

/** Gives a file another name, for good. */
export function moveDurably(from: string, to: string, folder: string): void {
  renameSync(from, to)
  syncFile(folder)
}

/** Writes what is to become a file, beside it and onto the disk; returns where it lies. */
export async function writePart(path: string, data: string | Uint8Array): Promise<string> {
  const part = `${path}.part`
  const file = await open(part, 'w')
  try {
    await file.writeFile(data)
    await file.sync()
  } finally {
    await file.close()
  }
  return part
}

/** Writes a file that is whole whenever it is there: it takes its name when it is on the disk. */
export async function writeWhole(path: string, data: string | Uint8Array): Promise<void> {
  await rename(await writePart(path, data), path)
  syncFile(dirname(path))
}
