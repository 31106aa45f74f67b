import type { Rule } from '#core/score/criterion.ts'
import { schools as builtIn, type School } from '#core/score/schools.ts'
import { firstMethod, type Method } from '#core/score/scheme.ts'
import { database, isDuplicate, now } from './database.server.ts'

interface SchoolRow {
  id: string
  name: string
  says: string
  weights: string
  rules: string
}

/** The schools that ship with the app, then the user's own. */
export async function listSchools(): Promise<School[]> {
  const db = await database()
  const own: SchoolRow[] = await db('school').orderBy('created_at')
  return [
    ...builtIn,
    ...own.map(({ id, name, says, weights, rules }) => ({
      id,
      name,
      says,
      weights: JSON.parse(weights) as Record<string, number>,
      rules: JSON.parse(rules) as Record<string, Rule>,
      builtIn: false,
    })),
  ]
}

/** Adds or changes a school of the user's. */
export async function saveSchool({
  id,
  name,
  says,
  weights,
  rules,
}: Omit<School, 'builtIn'>): Promise<'saved' | 'name-taken'> {
  if (builtIn.some((school) => school.name.toLowerCase() === name.toLowerCase())) return 'name-taken'
  const db = await database()
  const row = { name, says, weights: JSON.stringify(weights), rules: JSON.stringify(rules) }
  try {
    await db('school')
      .insert({ id, ...row, created_at: now() })
      .onConflict('id')
      .merge(Object.keys(row))
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'name-taken'
    throw error
  }
}

export async function removeSchool(id: string): Promise<void> {
  const db = await database()
  await db('school').where({ id }).delete()
}

/** All versions of the method, latest first; the one that ships with the app is the last. */
export async function listMethods(): Promise<Method[]> {
  const db = await database()
  const rows: { version: number; note: string; rules: string; weights: string; at: string }[] = await db(
    'method_version',
  ).orderBy('version', 'desc')
  return [
    ...rows.map(({ rules, weights, ...rest }) => ({
      ...rest,
      rules: JSON.parse(rules) as Record<string, Rule>,
      weights: JSON.parse(weights) as Record<string, number>,
    })),
    firstMethod,
  ]
}

/** The method in force. */
export const currentMethod = async (): Promise<Method> => (await listMethods())[0]!

/** Keeps a new version of the method; earlier ones stay. */
export async function addMethod({ note, rules, weights }: Pick<Method, 'note' | 'rules' | 'weights'>): Promise<void> {
  const db = await database()
  await db.transaction(async (trx) => {
    const latest: { version: number } | undefined = await trx('method_version')
      .orderBy('version', 'desc')
      .first('version')
    await trx('method_version').insert({
      version: (latest?.version ?? firstMethod.version) + 1,
      note,
      rules: JSON.stringify(rules),
      weights: JSON.stringify(weights),
      at: now(),
    })
  })
}
