import type { ValueFunction } from '#core/score/criterion.ts'
import { shippedMethod, type Method } from '#core/score/effective-criteria.ts'
import { schools as builtIn, type School } from '#core/score/schools.ts'
import { now } from './clock.ts'
import { foldName } from '#core/fold-name.ts'
import { database, writableDatabase } from './database.server.ts'
import { ownInferredShare } from './foresight.server.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

/** Weights and value functions, as they stand in a row: JSON by criterion. */
interface SchemeColumns {
  weights: string
  valueFunctions: string
}

/** A school says besides what it must have. */
interface SchoolColumns extends SchemeColumns {
  mustHaves: string
}

const parseScheme = ({ weights, valueFunctions }: SchemeColumns) => ({
  weights: JSON.parse(weights) as Record<string, number>,
  valueFunctions: JSON.parse(valueFunctions) as Record<string, ValueFunction>,
})

const schemeColumns = ({ weights, valueFunctions }: Pick<School, 'weights' | 'valueFunctions'>): SchemeColumns => ({
  weights: JSON.stringify(weights),
  valueFunctions: JSON.stringify(valueFunctions),
})

/** A school of the user's has a version; those that ship with the app cannot be changed. */
export type StoredSchool = School & { version?: number }

type SchoolRow = Pick<School, 'id' | 'name' | 'description'> & SchoolColumns & { version: number }

/** The schools that ship with the app, then the user's own. */
export async function listSchools(): Promise<StoredSchool[]> {
  const db = await database()
  const own: SchoolRow[] = await db('school').orderBy('createdAt')
  return [
    ...builtIn,
    ...own.map(({ id, name, description, version, mustHaves, ...scheme }) => ({
      id,
      version,
      name,
      description,
      ...parseScheme(scheme),
      mustHaves: JSON.parse(mustHaves) as Record<string, number>,
      builtIn: false,
    })),
  ]
}

export type SchoolFields = Omit<School, 'builtIn'>

const isBuiltInName = (name: string): boolean => builtIn.some((one) => foldName(one.name) === foldName(name))

const toRow = ({ id, name, description, mustHaves = {}, ...scheme }: SchoolFields) => ({
  id,
  name,
  nameKey: foldName(name),
  description,
  ...schemeColumns(scheme),
  mustHaves: JSON.stringify(mustHaves),
})

/** Adds a school of the user's. */
export async function addSchool(school: SchoolFields): Promise<Added> {
  if (isBuiltInName(school.name)) return 'taken'
  return addOnce({ id: school.id, content: school }, (trx) =>
    trx('school').insert({ ...toRow(school), createdAt: now() }),
  )
}

/** Changes a school of the user's of which a version was seen. */
export async function changeSchool(school: SchoolFields, version: number): Promise<Changed> {
  if (isBuiltInName(school.name)) return 'taken'
  return changeSeen('school', { id: school.id, version }, toRow(school))
}

export async function removeSchool(id: string): Promise<void> {
  const db = await writableDatabase()
  await db('school').where({ id }).delete()
}

type MethodRow = Pick<Method, 'version' | 'note' | 'createdAt'> & SchemeColumns

const toMethod = ({ version, note, createdAt, ...scheme }: MethodRow): Method => ({
  version,
  note,
  createdAt,
  ...parseScheme(scheme),
})

/** All versions of the method, latest first; the one that ships with the app is the last. */
export async function listMethods(): Promise<Method[]> {
  const db = await database()
  const rows: MethodRow[] = await db('methodVersion').orderBy('version', 'desc')
  return [...rows.map(toMethod), shippedMethod]
}

/** The method in force. */
export async function currentMethod(): Promise<Method> {
  const db = await database()
  const latest: MethodRow | undefined = await db('methodVersion').orderBy('version', 'desc').first()
  return latest ? toMethod(latest) : shippedMethod
}

/** The method as it judges what the reviewer recorded, of one's own or of the demo: by the record of predictions. */
export async function methodInForce(demo: number): Promise<Method> {
  const [method, inferredShare] = await Promise.all([currentMethod(), ownInferredShare(demo)])
  return { ...method, inferredShare }
}

/** Keeps a new version of the method; earlier ones stay. */
export async function addMethod(
  id: string,
  method: Pick<Method, 'note' | 'valueFunctions' | 'weights'>,
): Promise<Added> {
  return addOnce({ id, content: method }, async (trx) => {
    const latest: { version: number } | undefined = await trx('methodVersion')
      .orderBy('version', 'desc')
      .first('version')
    await trx('methodVersion').insert({
      version: (latest?.version ?? shippedMethod.version) + 1,
      note: method.note,
      ...schemeColumns(method),
      createdAt: now(),
    })
  })
}
