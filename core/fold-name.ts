/**
 * A name as it is compared: two names that fold to the same are one name. Case is folded and letters with marks are
 * composed, by Unicode's own tables as far as the language gives them: upper case first, so that "ß" meets "SS" and
 * the two small sigmas meet.
 *
 * Source: Unicode Standard, 3.13, Default Caseless Matching; normalisation form C, UAX 15.
 *
 * @example foldName("ÖLMOTOR") // => "ölmotor"
 */
export const foldName = (name: string): string => name.normalize('NFC').toUpperCase().toLowerCase().normalize('NFC')
