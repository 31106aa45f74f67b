import { href, redirect } from 'react-router'
import { addSchool } from '#app/data/schools.server.ts'
import { schoolSchema } from '#app/features/verdict/school-schema.ts'
import * as texts from '#app/texts/schools.ts'
import { fieldsOf, parseFields } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const schoolNameTaken = { message: texts.anotherSchoolHasThisName }

/** Keeps a school of the user's that was made on a page. */
export async function addTypedSchool(request: Request) {
  const parsed = parseFields(schoolSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  return additionRefusal(await addSchool(parsed.value), schoolNameTaken) ?? redirect(href('/schools'))
}
