import type { ValueFunction } from '#core/score/criterion.ts'
import { shippedMethod, type Method } from '#core/score/effective-criteria.ts'
import { schools as builtIn, type School } from '#core/score/schools.ts'
import { now } from './clock.ts'
import { database, savedUnlessTaken, upsert } from './database.server.ts'

/** Weights and value functions, as they stand in a row: JSON by criterion. */
interface SchemeColumns {
  weights: string
  valueFunctions: string
}

const parseScheme = ({ weights, valueFunctions }: SchemeColumns) => ({
  weights: JSON.parse(weights) as Record<string, number>,
  valueFunctions: JSON.parse(valueFunctions) as Record<string, ValueFunction>,
})

const schemeColumns = ({ weights, valueFunctions }: Pick<School, 'weights' | 'valueFunctions'>): SchemeColumns => ({
  weights: JSON.stringify(weights),
  valueFunctions: JSON.stringify(valueFunctions),
})

type SchoolRow = Pick<School, 'id' | 'name' | 'description'> & SchemeColumns

/** The schools that ship with the app, then the user's own. */
export async function listSchools(): Promise<School[]> {
  const db = await database()
  const own: SchoolRow[] = await db('school').orderBy('createdAt')
  return [
    ...builtIn,
    ...own.map(({ id, name, description, ...scheme }) => ({
      id,
      name,
      description,
      ...parseScheme(scheme),
      builtIn: false,
    })),
  ]
}

/** Adds or changes a school of the user's. */
export async function saveSchool(school: Omit<School, 'builtIn'>): Promise<'saved' | 'taken'> {
  if (builtIn.some(({ name }) => name.toLowerCase() === school.name.toLowerCase())) return 'taken'
  const db = await database()
  const { id, name, description } = school
  return savedUnlessTaken(() => upsert(db, 'school', { id, name, description, ...schemeColumns(school) }))
}

export async function removeSchool(id: string): Promise<void> {
  const db = await database()
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

/** Keeps a new version of the method; earlier ones stay. */
export async function addMethod(method: Pick<Method, 'note' | 'valueFunctions' | 'weights'>): Promise<void> {
  const db = await database()
  await db.transaction(async (trx) => {
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
