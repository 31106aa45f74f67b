import { resolve } from 'node:path'
import { storageProblemOf } from '#app/storage/storage-problem.ts'

/** A path as it was meant where the command was called. */
export const calledFrom = (path: string): string => resolve(process.env.PLICATOR_CALLED_FROM ?? '.', path)

/** Runs a command; what stops it is said in one line. */
export async function runCommand(work: () => Promise<void>): Promise<void> {
  try {
    await work()
  } catch (error) {
    const problem = storageProblemOf(error)
    console.error(problem ? `${problem.title}. ${problem.next}` : error instanceof Error ? error.message : error)
    process.exitCode = 1
  }
}
