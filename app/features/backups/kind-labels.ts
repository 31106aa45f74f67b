import type { BackupKind } from '#app/storage/archive-manifest.ts'
import * as texts from '#app/texts/backups.ts'

/** Why a backup was made, in words. */
export const kindLabels: Record<BackupKind, string> = {
  'by-hand': texts.madeByHand,
  daily: texts.ofTheDay,
  published: texts.atAPublication,
  'before-migration': texts.beforeAnUpdateOfTheApp,
  'before-restore': texts.beforeARestore,
}
