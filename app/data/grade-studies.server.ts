import { catalogue } from '#core/catalogue/index.ts'
import { gradeDeviation, type GradePair } from '#core/teardown/grade-study.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { addOnce, type Added } from './records.server.ts'

/** A graded part with a picture, to be graded again: what was said first is not told. */
export interface GradeQuestion {
  readingId: string
  characteristic: string
  photoId: string
}

interface StoredPair extends GradePair {
  readingId: string
}

export interface StoredGradeStudy {
  id: string
  pairs: StoredPair[]
  createdAt: string
}

const grades = catalogue.filter(({ kind }) => kind === 'grade')
const mostQuestions = 60

/** The latest graded parts of which there is a picture; a picture is asked about once for each grade. */
export async function listGradeQuestions(): Promise<GradeQuestion[]> {
  const db = await database()
  const partOf = new Map(grades.map(({ key, part }) => [key, part]))
  const rows: (GradeQuestion & { part: string })[] = await db('shownReading')
    .join('photo', 'photo.specimenId', 'shownReading.specimenId')
    .whereIn('shownReading.characteristic', [...partOf.keys()])
    .whereNull('shownReading.voidedAt')
    .whereNotNull('shownReading.valueNumber')
    .orderBy('shownReading.seq', 'desc')
    .select({
      readingId: 'shownReading.id',
      characteristic: 'shownReading.characteristic',
      photoId: 'photo.id',
      part: 'photo.part',
    })
  const asked = new Map(
    rows
      .filter(({ characteristic, part }) => partOf.get(characteristic) === part)
      .map(({ part: _, ...question }) => [`${question.characteristic} ${question.photoId}`, question]),
  )
  return [...asked.values()].slice(0, mostQuestions)
}

/** All studies of one's own grades, the latest first. */
export async function listGradeStudies(): Promise<StoredGradeStudy[]> {
  const db = await database()
  const rows: (Omit<StoredGradeStudy, 'pairs'> & { pairs: string })[] = await db('gradeStudy').orderBy(
    'createdAt',
    'desc',
  )
  return rows.map(({ pairs, ...row }) => ({ ...row, pairs: JSON.parse(pairs) as StoredPair[] }))
}

/** By how much one's own grades scatter, in steps. */
export const ownGradeDeviation = async (): Promise<number> =>
  gradeDeviation((await listGradeStudies()).flatMap(({ pairs }) => pairs))

/** Keeps grades that were given again beside those that were given first; what has been struck since is left away. */
export async function addGradeStudy(id: string, again: ReadonlyMap<string, number>): Promise<Added | 'nothing'> {
  const db = await database()
  const firsts: { id: string; valueNumber: number }[] = await db('shownReading')
    .whereIn('id', [...again.keys()])
    .whereIn(
      'characteristic',
      grades.map(({ key }) => key),
    )
    .whereNull('voidedAt')
    .whereNotNull('valueNumber')
    .select('id', 'valueNumber')
  const pairs: StoredPair[] = firsts.map(({ id: readingId, valueNumber: first }) => ({
    readingId,
    first,
    again: again.get(readingId) ?? first,
  }))
  if (pairs.length === 0) return 'nothing'
  return addOnce({ id, content: [...again] }, (trx) =>
    trx('gradeStudy').insert({ id, pairs: JSON.stringify(pairs), createdAt: now() }),
  )
}

export async function removeGradeStudy(id: string): Promise<boolean> {
  const db = await writableDatabase()
  return (await db('gradeStudy').where({ id }).delete()) > 0
}
