import { readlinkSync } from 'node:fs'
import { setPriority } from 'node:os'
import { basename } from 'node:path'

/** Where processors are short, other threads go before by so much; 0 is usual, 19 the most. */
const patience = 10

/**
 * Has the thread that calls give way to others of the process, so that pages come first. Where threads have no
 * priorities of their own, or none may be set, nothing changes.
 */
export function giveWay(): void {
  try {
    setPriority(Number(basename(readlinkSync('/proc/thread-self'))), patience)
  } catch {
    return
  }
}
