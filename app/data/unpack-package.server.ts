import { readFile, stat, writeFile } from 'node:fs/promises'
import { strFromU8, unzipSync } from 'fflate'
import type { PackagedLibrary } from '#core/datapackage/library-tables.ts'
import { readPackage } from '#core/datapackage/read-package.ts'
import { ok, problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/imports.ts'
import { inThread } from './threads.server.ts'

const largestFile = 60_000_000
/** A package that unpacks to more than this is none of a reviewer. */
const largestUnpacked = 200_000_000
const wanted = /^(datapackage\.json|data\/[\w-]+\.csv)$/

/**
 * Takes a data package apart that was sent as a file, which holds its readings afterwards.
 *
 * @returns what it brings beside them; undefined where the file is no zip
 */
export const unpackPackage = inThread(
  'files',
  'data package',
  async (file: string): Promise<Result<PackagedLibrary> | undefined> => {
    const { size } = await stat(file)
    const bytes = await readFile(file)
    if (!(bytes[0] === 0x50 && bytes[1] === 0x4b)) return undefined
    if (size > largestFile) return problem('size', texts.thisPackageHasMoreThanMb(largestFile / 1e6))
    const files = unpacked(bytes)
    if (!files.ok) return files
    const read = readPackage(files.value)
    if (!read.ok) return read
    await writeFile(file, read.value.readings)
    return ok(read.value.library)
  },
)

/** Texts of the files that a package has, by their paths; others are not unpacked. */
function unpacked(bytes: Uint8Array): Result<Map<string, string>> {
  try {
    let total = 0
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!wanted.test(name)) return false
        total += originalSize
        return total <= largestUnpacked
      },
    })
    if (total > largestUnpacked) return problem('size', texts.thisPackageUnpacksToFarMore)
    return ok(new Map(Object.entries(files).map(([path, content]) => [path, strFromU8(content)])))
  } catch {
    return problem('zip', texts.thisZipCannotBeReadSend)
  }
}
