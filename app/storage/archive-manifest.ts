import { z } from 'zod'

/** Why a backup was made. */
const backupKinds = ['by-hand', 'daily', 'published', 'before-migration', 'before-restore'] as const

export type BackupKind = (typeof backupKinds)[number]

/** How much a database holds. */
const contentsSchema = z.object({
  applications: z.number(),
  products: z.number(),
  specimens: z.number(),
  readings: z.number(),
  photos: z.number(),
  verdicts: z.number(),
})

export type Contents = z.infer<typeof contentsSchema>

/** What an archive says of itself, as its first entry. */
export const manifestSchema = z.object({
  format: z.literal(1),
  app: z.string(),
  kind: z.enum(backupKinds),
  /** UTC, ISO 8601. */
  madeAt: z.iso.datetime(),
  /** Migrations that its database has been through. */
  migrations: z.array(z.string()),
  contents: contentsSchema,
  /** Whether the pictures are in it, or the database alone. */
  withPhotos: z.boolean(),
})

export type Manifest = z.infer<typeof manifestSchema>

/** Names of the entries of an archive; between the database and the checksums come the pictures. */
export const entryNames = { manifest: 'backup.json', database: 'plicator.sqlite', checksums: 'checksums.json' } as const

export const isPhotoEntry = (name: string): boolean => /^photos\/[0-9a-z]{2,24}(-small)?\.jpg$/.test(name)
