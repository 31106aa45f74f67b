import { listBackups } from '#app/storage/backups.ts'
import { millisecondsPerDay } from '#core/calendar.ts'
import { readBackupSetting } from './backup-setting.server.ts'
import { backUp } from './make-backup.server.ts'

const hour = 3_600_000

/** Makes a backup a day while the app runs, when the user has not said otherwise. */
export function startDailyBackups(): { stop(): void } {
  const run = () => void backUpWhenDue().catch((error: unknown) => console.error('No daily backup:', error))
  const first = setTimeout(run, 30_000)
  const timer = setInterval(run, hour)
  for (const one of [first, timer]) one.unref()
  return {
    stop() {
      clearTimeout(first)
      clearInterval(timer)
    },
  }
}

/** Makes a backup when the newest regular one is a day old; says whether it did. */
export async function backUpWhenDue(present = Date.now()): Promise<boolean> {
  const setting = await readBackupSetting()
  if (setting === 'off') return false
  const regular = (await listBackups()).find(({ manifest }) => manifest?.kind === 'daily')
  if (regular?.manifest && present - Date.parse(regular.manifest.madeAt) < millisecondsPerDay) return false
  await backUp('daily', setting === 'with-photos')
  return true
}

/** Makes a backup of what was just published, beside the answer to the user: a fault is logged. */
export async function backUpPublished(): Promise<void> {
  try {
    const setting = await readBackupSetting()
    if (setting !== 'off') await backUp('published', setting === 'with-photos')
  } catch (error) {
    console.error('No backup at publication:', error)
  }
}
