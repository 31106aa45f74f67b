/** The fields of a request of the bench. */
export type RequestFields = Record<string, string>

/** One thing that was done at the bench and that the server has not taken yet. */
export interface Act {
  /** What was done to what: the same act is kept once. */
  key: string
  /** Place in the order in which the acts were done, over all tabs of this browser. */
  order: number
  specimen: string
  fields: RequestFields
  /** The picture that was taken, where it is one. */
  picture?: File
  /** Why the server would not take it; it waits for the user then, not for the server. */
  refusal?: string
}

let latest = 0

/** The same act is kept once, however often it is asked for. */
export const actKey = ({ intent, id }: RequestFields): string => `${intent} ${id}`

/** An act of now. */
export function newAct(specimen: string, fields: RequestFields, picture?: File): Act {
  latest = Math.max(Date.now() * 1000, latest + 1)
  return { key: actKey(fields), order: latest, specimen, fields, ...(picture && { picture }) }
}
