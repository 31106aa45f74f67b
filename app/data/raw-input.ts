/** What was typed into the fields of a form that reads quantities, by the name of the field. */
export type RawInput = Readonly<Record<string, string>>
