import type { Interest } from '#core/verdict/interest.ts'
import { database } from './database.server.ts'
import { changeSeen, type Changed } from './records.server.ts'

/** Who reviews: what may be gained by it, and which end is called top. */
export interface Reviewer {
  /** Empty where it was not said. */
  interest: Interest | ''
  interestNote: string
  /** The end that is called top; empty where nobody has said. */
  topEnd: 'thread' | 'dome' | ''
  version: number
}

/** The reviewer of this library. */
export async function findReviewer(): Promise<Reviewer> {
  const db = await database()
  const row: Reviewer | undefined = await db('reviewer').first('interest', 'interestNote', 'topEnd', 'version')
  return row ?? { interest: '', interestNote: '', topEnd: '', version: 0 }
}

/** Changes what was seen of the reviewer. */
export const changeReviewer = ({ version, ...fields }: Reviewer): Promise<Changed> =>
  changeSeen('reviewer', { id: 'reviewer', version }, fields)
