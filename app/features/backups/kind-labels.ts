import type { BackupKind } from '#app/storage/archive-manifest.ts'

/** Why a backup was made, in words. */
export const kindLabels: Record<BackupKind, string> = {
  'by-hand': 'made by hand',
  daily: 'of the day',
  published: 'at a publication',
  'before-migration': 'before an update of the app',
  'before-restore': 'before a restore',
}
