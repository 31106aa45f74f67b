import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import type { PartKey } from '#core/catalogue/index.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { database, dataFolder, now } from './database.server.ts'

export interface Photo {
  id: string
  part: PartKey
  name: string
  width: number
  height: number
  bytes: number
  at: string
}

/** Pictures larger than this are refused; cameras stay well below it. */
export const mostBytes = 25_000_000
const longestSide = 4096
const thumbnailSide = 320

const folder = () => join(dataFolder(), 'photos')
const pathOf = (id: string, size: 'whole' | 'thumbnail') =>
  join(folder(), size === 'whole' ? `${id}.jpg` : `${id}-small.jpg`)

/** What kind of picture the first bytes say it is, whatever its name. */
function kindOf(bytes: Uint8Array): 'jpeg' | 'png' | 'webp' | 'heic' | undefined {
  const text = (from: number, to: number) => String.fromCharCode(...bytes.subarray(from, to))
  if (bytes[0] === 0xff && bytes[1] === 0xd8) return 'jpeg'
  if (text(1, 4) === 'PNG') return 'png'
  if (text(0, 4) === 'RIFF' && text(8, 12) === 'WEBP') return 'webp'
  return text(4, 8) === 'ftyp' && /^(hei|hev|mif|msf)/.test(text(8, 12)) ? 'heic' : undefined
}

/**
 * Keeps a picture beside the database, turned upright, with a thumbnail. It is written anew without what
 * the camera noted in it, so the place where it was taken is gone.
 */
export async function addPhoto(
  specimen: string,
  { id, part, name }: Pick<Photo, 'id' | 'part' | 'name'>,
  bytes: Uint8Array,
): Promise<Result<Photo>> {
  const said = name.slice(0, 80)
  if (bytes.length === 0) return problem('empty', `"${said}" is empty.`)
  if (bytes.length > mostBytes)
    return problem(
      'too-large',
      `"${said}" has ${Math.round(bytes.length / 1e6)} MB; ${mostBytes / 1e6} MB fit. Save it smaller.`,
    )
  const kind = kindOf(bytes)
  if (kind === 'heic')
    return problem(
      'heic',
      `"${said}" is a HEIC picture, which browsers cannot show. Set the phone's camera to "most compatible", or save it as JPEG.`,
    )
  if (!kind) return problem('no-picture', `"${said}" is no picture that can be kept: JPEG, PNG or WebP.`)

  const picture = await shrink(bytes, longestSide, 88).catch(() => undefined)
  if (!picture) return problem('broken', `"${said}" cannot be read: the file is broken.`)
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
    name: said,
    width: picture.info.width,
    height: picture.info.height,
    bytes: picture.data.length,
    at: now(),
  }
  const db = await database()
  await db('photo')
    .insert({ ...photo, specimen_id: specimen })
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

export async function listPhotos(specimen: string): Promise<Photo[]> {
  const db = await database()
  return db('photo')
    .where({ specimen_id: specimen })
    .orderBy('at')
    .select('id', 'part', 'name', 'width', 'height', 'bytes', 'at')
}

/** The JPEG of a photo, if there is one. */
export async function readPhoto(id: string, size: 'whole' | 'thumbnail'): Promise<Buffer | undefined> {
  const db = await database()
  if (!(await db('photo').where({ id }).first('id'))) return undefined
  return readFile(pathOf(id, size)).catch(() => undefined)
}

export async function removePhoto(specimen: string, id: string): Promise<void> {
  const db = await database()
  if ((await db('photo').where({ id, specimen_id: specimen }).delete()) === 0) return
  for (const size of ['whole', 'thumbnail'] as const) await rm(pathOf(id, size), { force: true })
}

/** Pictures of the box of a product's specimens. */
export async function listBoxPhotos(product: string): Promise<{ id: string; name: string }[]> {
  const db = await database()
  return db('photo')
    .join('specimen', 'specimen.id', 'photo.specimen_id')
    .join('revision', 'revision.id', 'specimen.revision_id')
    .where({ product_id: product, part: 'box' })
    .orderBy('photo.at')
    .select('photo.id', 'photo.name')
}
