import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { fileTypeFromBuffer } from 'file-type'
import sharp from 'sharp'
import type { FilterPartKey } from '#core/catalogue/index.ts'
import { ok, problem, type Problem, type Result } from '#core/result.ts'
import { now } from './clock.ts'
import { database, dataFolder } from './database.server.ts'

export interface Photo {
  id: string
  part: FilterPartKey
  name: string
  width: number
  height: number
  bytes: number
  recordedAt: string
}

/** Pictures larger than this are refused; cameras stay well below it. */
export const maximumPhotoBytes = 25_000_000
const longestSide = 4096
const thumbnailSide = 320

const folder = () => join(dataFolder(), 'photos')
const pathOf = (id: string, size: 'whole' | 'thumbnail') =>
  join(folder(), size === 'whole' ? `${id}.jpg` : `${id}-small.jpg`)

const keptTypes = new Set(['image/jpeg', 'image/png', 'image/webp'])

/** Why a file cannot be kept, by its size and by the type that its first bytes tell, whatever its name. */
async function photoProblem(name: string, bytes: Uint8Array): Promise<Problem | undefined> {
  if (bytes.length === 0) return { code: 'empty', message: `"${name}" is empty.` }
  if (bytes.length > maximumPhotoBytes) {
    const [size, limit] = [bytes.length, maximumPhotoBytes].map((one) => `${Math.round(one / 1e6)} MB`)
    return { code: 'too-large', message: `"${name}" has ${size}; ${limit} fit. Save it smaller.` }
  }
  const type = (await fileTypeFromBuffer(bytes))?.mime
  if (type === 'image/heic' || type === 'image/heif')
    return {
      code: 'heic',
      message:
        `"${name}" is a HEIC picture, which browsers cannot show. Set the phone's camera to "most compatible", or ` +
        'save it as JPEG.',
    }
  if (type && keptTypes.has(type)) return undefined
  return { code: 'no-picture', message: `"${name}" is no picture that can be kept: JPEG, PNG or WebP.` }
}

/**
 * Keeps a picture beside the database, turned upright, with a thumbnail. It is written anew without what
 * the camera noted in it, so the place where it was taken is gone.
 */
export async function addPhoto(
  specimenId: string,
  { id, part, name }: Pick<Photo, 'id' | 'part' | 'name'>,
  bytes: Uint8Array,
): Promise<Result<Photo>> {
  const shownName = name.slice(0, 80)
  const refusal = await photoProblem(shownName, bytes)
  if (refusal) return { ok: false, problem: refusal }

  const picture = await shrink(bytes, longestSide, 88).catch(() => undefined)
  if (!picture) return problem('broken', `"${shownName}" cannot be read: the file is broken.`)
  const thumbnail = await shrink(picture.data, thumbnailSide, 78)

  await mkdir(folder(), { recursive: true })
  for (const [size, { data }] of [
    ['whole', picture],
    ['thumbnail', thumbnail],
  ] as const) {
    await writeFile(`${pathOf(id, size)}.part`, data)
    await rename(`${pathOf(id, size)}.part`, pathOf(id, size))
  }
  const photo: Photo = {
    id,
    part,
    name: shownName,
    width: picture.info.width,
    height: picture.info.height,
    bytes: picture.data.length,
    recordedAt: now(),
  }
  const db = await database()
  await db('photo')
    .insert({ ...photo, specimenId })
    .onConflict('id')
    .ignore()
  return ok(photo)
}

const shrink = (bytes: Uint8Array, side: number, quality: number) =>
  sharp(bytes, { limitInputPixels: 120_000_000 })
    .rotate()
    .resize(side, side, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .jpeg({ quality, mozjpeg: true })
    .toBuffer({ resolveWithObject: true })

export async function listPhotos(specimenId: string): Promise<Photo[]> {
  const db = await database()
  return db('photo')
    .where({ specimenId })
    .orderBy('recordedAt')
    .select('id', 'part', 'name', 'width', 'height', 'bytes', 'recordedAt')
}

/** The JPEG of a photo, if there is one. */
export async function readPhoto(id: string, size: 'whole' | 'thumbnail'): Promise<Buffer | undefined> {
  const db = await database()
  if (!(await db('photo').where({ id }).first('id'))) return undefined
  return readFile(pathOf(id, size)).catch(() => undefined)
}

export async function removePhoto(specimenId: string, id: string): Promise<void> {
  const db = await database()
  if ((await db('photo').where({ id, specimenId }).delete()) === 0) return
  for (const size of ['whole', 'thumbnail'] as const) await rm(pathOf(id, size), { force: true })
}

/** Pictures of the box of a product's specimens. */
export async function listBoxPhotos(productId: string): Promise<{ id: string; name: string }[]> {
  const db = await database()
  return db('photo')
    .join('specimen', 'specimen.id', 'photo.specimenId')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .where({ productId, part: 'box' })
    .orderBy('photo.recordedAt')
    .select('photo.id', 'photo.name')
}

/** The picture, when it is one of the box of a product; else none. */
export async function knownPhoto(productId: string, id: string | null): Promise<string | null> {
  const photos = await listBoxPhotos(productId)
  return photos.some((photo) => photo.id === id) ? id : null
}
