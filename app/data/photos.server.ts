import { createHash } from 'node:crypto'
import { createWriteStream, existsSync, readdirSync } from 'node:fs'
import { readFile, rename, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { fileTypeFromFile } from 'file-type'
import pLimit from 'p-limit'
import sharp from 'sharp'
import type { FilterPartKey } from '#core/catalogue/index.ts'
import { ok, problem, type Problem, type Result } from '#core/result.ts'
import { checksumming } from '#app/storage/checksum.ts'
import { dataFolder, ensureFolder } from '#app/storage/data-folder.ts'
import { syncFile, writePart } from '#app/storage/durable.ts'
import * as texts from '#app/texts/bench.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { newId } from './id.ts'

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
const maximumPhotoBytes = 25_000_000
const longestSide = 4096
const thumbnailSide = 320

const folder = () => join(dataFolder(), 'photos')
const sizes = ['whole', 'thumbnail'] as const
const pathOf = (id: string, size: (typeof sizes)[number]) =>
  join(folder(), size === 'whole' ? `${id}.jpg` : `${id}-small.jpg`)

const keptTypes = new Set(['image/jpeg', 'image/png', 'image/webp'])

/** Why a file cannot be kept, by its size and by the type that its first bytes tell, whatever its name. */
async function photoProblem(name: string, file: string): Promise<Problem | undefined> {
  const { size } = await stat(file)
  if (size === 0) return { code: 'empty', message: texts.isEmpty(name) }
  if (size > maximumPhotoBytes) {
    const [has, limit] = [size, maximumPhotoBytes].map((one) => texts.mb(Math.round(one / 1e6)))
    return { code: 'too-large', message: `"${name}" has ${has}; ${limit} fit. Save it smaller.` }
  }
  const type = (await fileTypeFromFile(file))?.mime
  if (type === 'image/heic' || type === 'image/heif')
    return {
      code: 'heic',
      message: texts.isAHeicPictureWhichBrowsers(name),
    }
  if (type && keptTypes.has(type)) return undefined
  return { code: 'no-picture', message: texts.isNoPictureThatCanBe(name) }
}

/**
 * Keeps a picture beside the database, turned upright, with a thumbnail. It is written anew without what
 * the camera noted in it, so the place where it was taken is gone.
 */
export async function addPhoto(
  specimenId: string,
  { id, part, name }: Pick<Photo, 'id' | 'part' | 'name'>,
  body: ReadableStream<Uint8Array>,
): Promise<Result<Photo>> {
  const incoming = join(ensureFolder('photos'), `${newId()}.incoming`)
  try {
    const hash = createHash('sha256')
    await pipeline(Readable.fromWeb(body as never), checksumming(hash), createWriteStream(incoming))
    const photo = { id, part, name: name.slice(0, 80), specimenId, contentHash: hash.digest('hex') }
    return await addPhotoFile(photo, incoming)
  } finally {
    await rm(incoming, { force: true })
  }
}

/** Pictures that are made smaller at once: more of them would take the memory and the disk from all other work. */
const inTurn = pLimit(1)
sharp.concurrency(1)
sharp.cache(false)
/** So many wait for their turn at most. */
const mostWaiting = 60

type NewPhoto = Pick<PhotoRow, 'id' | 'part' | 'name' | 'specimenId' | 'contentHash'>

async function addPhotoFile(photo: NewPhoto, file: string): Promise<Result<Photo>> {
  const { name } = photo
  const refusal = await photoProblem(name, file)
  if (refusal) return { ok: false, problem: refusal }
  if (inTurn.pendingCount >= mostWaiting)
    return problem('busy', texts.picturesWaitAlreadySendAgainIn(mostWaiting, name))
  const pictures = await inTurn(async () => {
    const thumbnail = await shrink(file, thumbnailSide, 78)
    return { thumbnail, picture: await shrink(file, longestSide, 88) }
  }).catch(() => undefined)
  if (!pictures) return problem('broken', texts.cannotBeReadTheFileIs(name))
  const { picture, thumbnail } = pictures
  const { width, height } = picture.info
  const row = { ...photo, width, height, bytes: picture.data.length, recordedAt: now() }
  if (!(await keepPhoto(row, { whole: picture.data, thumbnail: thumbnail.data })))
    return problem('id-in-use', texts.anotherPictureHasTheNumberThat(name))
  return ok(row)
}

const shrink = (source: string | Uint8Array, side: number, quality: number) =>
  sharp(source, { limitInputPixels: 120_000_000 })
    .rotate()
    .resize(side, side, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .jpeg({ quality })
    .toBuffer({ resolveWithObject: true })

type PhotoRow = Photo & { specimenId: string; contentHash: string }

/**
 * Keeps the row of a picture and its files: they are on the disk under other names before the row stands, and take
 * their own after. The same picture again is kept once; says no when its id belongs to another.
 */
async function keepPhoto(row: PhotoRow, files: Record<(typeof sizes)[number], Buffer>): Promise<boolean> {
  ensureFolder('photos')
  const db = await writableDatabase()
  const known: PhotoRow | undefined = await db('photo').where({ id: row.id }).first()
  if (known) {
    const { specimenId, part, contentHash } = known
    return specimenId === row.specimenId && part === row.part && contentHash === row.contentHash
  }
  for (const size of sizes) await writePart(pathOf(row.id, size), files[size])
  await db('photo').insert(row)
  await showFiles(row.id)
  return true
}

/** Gives the files of a picture whose row stands their names. */
async function showFiles(id: string): Promise<void> {
  for (const size of sizes)
    if (existsSync(`${pathOf(id, size)}.part`)) await rename(`${pathOf(id, size)}.part`, pathOf(id, size))
  syncFile(folder())
}

/** Ends what a process left in its middle: files get the names of their rows, and those without a row are removed. */
export async function sweepPhotos(): Promise<{ removed: number }> {
  const files = readdirSync(ensureFolder('photos'))
  const db = await database()
  const thrown: string[] = await db('trash').pluck('photos')
  const known = new Set<string>([
    ...((await db('photo').pluck('id')) as string[]),
    ...thrown.flatMap((ids) => JSON.parse(ids) as string[]),
  ])
  let removed = 0
  for (const name of files) {
    const id = name.replace(/(-small)?\.jpg(\.part)?$/, '')
    if (known.has(id)) {
      if (name.endsWith('.part')) await rename(join(folder(), name), join(folder(), name.slice(0, -'.part'.length)))
      continue
    }
    await rm(join(folder(), name), { force: true })
    removed++
  }
  return { removed }
}

export async function listPhotos(specimenId: string): Promise<Photo[]> {
  const db = await database()
  return db('photo')
    .where({ specimenId })
    .orderBy('recordedAt')
    .select('id', 'part', 'name', 'width', 'height', 'bytes', 'recordedAt')
}

/** Pictures of all specimens of a product, newest first. */
export async function listPhotosOfProduct(productId: string): Promise<(Photo & { specimen: string })[]> {
  const db = await database()
  return db('photo')
    .join('specimen', 'specimen.id', 'photo.specimenId')
    .join('revision', 'revision.id', 'specimen.revisionId')
    .where({ productId })
    .orderBy('photo.recordedAt', 'desc')
    .select(
      ...['photo.id', 'photo.part', 'photo.name', 'photo.width', 'photo.height', 'photo.bytes', 'photo.recordedAt'],
      'specimen.label as specimen',
    )
}

/** The JPEG of a photo, if there is one. */
export async function readPhoto(id: string, size: 'whole' | 'thumbnail'): Promise<Buffer | undefined> {
  const db = await database()
  if (!(await db('photo').where({ id }).first('id'))) return undefined
  return readFile(pathOf(id, size)).catch(() => undefined)
}

export async function removePhoto(specimenId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  if ((await db('photo').where({ id, specimenId }).delete()) > 0) await removePhotoFiles(id)
}

/** Removes the files of a picture that has no row any more. */
export async function removePhotoFiles(id: string): Promise<void> {
  for (const size of sizes) await rm(pathOf(id, size), { force: true })
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
