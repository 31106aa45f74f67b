/** Signs that are not seen and turn, hide or end what stands beside them; line ends and tabs are none of them. */
const unseen =
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\u0080-\u009f\u200b\u200e\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff\ufff9-\ufffb]/gu
/** Half of a letter, which no text holds. */
const loneSurrogate = /\p{Surrogate}/gu
/** No script of the world piles up more marks on one letter. */
const piledMarks = /(\p{M}{4})\p{M}+/gu

/**
 * Text as it may stand beside other text: without signs that nobody sees and that turn or hide what is around them, and
 * with no more than four marks on a letter. What holds scripts and emoji together stays.
 *
 * Source: Unicode Standard Annex 9, explicit directional formatting characters; four marks is a convention, no source.
 *
 * @example plainText('\u202egnp.exe\u200b') // => 'gnp.exe'
 */
export const plainText = (text: string): string =>
  text.replace(loneSurrogate, '\ufffd').replace(unseen, '').replace(piledMarks, '$1')
