const small = [
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen',
  'eighteen nineteen',
]
  .join(' ')
  .split(' ')
const ones = new Map([...small.map((word, value): [string, number] => [word, value]), ['oh', 0]])
const tens = new Map(
  'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ').map((word, at) => [word, 10 * (at + 2)]),
)
const scales = new Map([
  ['hundred', 100],
  ['thousand', 1000],
])
const denominators = new Map([
  ['half', 2],
  ['halves', 2],
  ['third', 3],
  ['quarter', 4],
  ['fifth', 5],
  ['eighth', 8],
  ['tenth', 10],
  ['sixteenth', 16],
  ['thirty-second', 32],
  ['sixty-fourth', 64],
  ['hundredth', 100],
])

const denominatorOf = (word: string | undefined): number | undefined =>
  word === undefined ? undefined : (denominators.get(word) ?? denominators.get(word.replace(/s$/, '')))

/** A number that was read from words, and where the words behind it begin. */
interface Read {
  text: string
  next: number
}

/**
 * Number words written as digits, in a text that may hold anything else: "three and an eighth" as `3 1/8`, "point six
 * four" as `0.64`, "mid forties" as `mid 40s`, "half an inch" as `1/2 inch`.
 *
 * @param text in small letters
 * @example spellNumbers('37 and a half inches') // => '37 1/2 inches'
 * @example spellNumbers('a hundred and twelve') // => '112'
 */
export function spellNumbers(text: string): string {
  const words = text
    .replace(/\b(twent|thirt|fort|fift|sixt|sevent|eight|ninet)ies\b/g, (_, stem: string) => `${tens.get(`${stem}y`)}s`)
    .replace(/\b(twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)-(?=[a-z])(?!second|fourth)/g, '$1 ')
    .split(/\s+/)
  const spelt: string[] = []
  for (let at = 0; at < words.length;) {
    const read = readFraction(words, at) ?? readNumber(words, at)
    spelt.push(read?.text ?? words[at] ?? '')
    at = read?.next ?? at + 1
  }
  return spelt.join(' ')
}

/** A number in words or digits, with what follows it of a fraction or behind a point. */
function readNumber(words: readonly string[], at: number): Read | undefined {
  const whole = readCardinal(words, at) ?? readDigits(words, at)
  const point = readPoint(words, whole?.next ?? at)
  if (point) return { text: `${whole?.text ?? '0'}.${point.text}`, next: point.next }
  if (!whole) return undefined
  const fraction = words[whole.next] === 'and' ? readFraction(words, whole.next + 1) : undefined
  return fraction ? { text: `${whole.text} ${fraction.text}`, next: fraction.next } : whole
}

/** Digits count as a number only before a fraction or a point in words. */
function readDigits(words: readonly string[], at: number): Read | undefined {
  const word = words[at] ?? ''
  return /^\d+$/.test(word) ? { text: word, next: at + 1 } : undefined
}

function readCardinal(words: readonly string[], start: number): Read | undefined {
  let [total, current, at, last] = [0, 0, start, '']
  if (words[at] === 'a' && scales.has(words[at + 1] ?? '')) [current, at] = [1, at + 1]
  for (; at < words.length; at++) {
    const word = words[at] ?? ''
    const [one, ten, scale] = [ones.get(word), tens.get(word), scales.get(word)]
    if (word === 'and' && last === 'scale' && (ones.has(words[at + 1] ?? '') || tens.has(words[at + 1] ?? ''))) continue
    if (one !== undefined && last !== 'one' && (last !== 'ten' || one < 10)) [current, last] = [current + one, 'one']
    else if (ten !== undefined && last !== 'one' && last !== 'ten') [current, last] = [current + ten, 'ten']
    else if (scale !== undefined && (last !== '' || current === 1)) {
      if (scale === 100) current *= 100
      else [total, current] = [total + current * 1000, 0]
      last = 'scale'
    } else break
  }
  return last === '' ? undefined : { text: String(total + current), next: at }
}

function readPoint(words: readonly string[], at: number): Read | undefined {
  if (words[at] !== 'point') return undefined
  let [digits, next] = ['', at + 1]
  for (; next < words.length; next++) {
    const word = words[next] ?? ''
    const digit = ones.get(word)
    if (digit !== undefined) digits += String(digit)
    else if (/^\d+$/.test(word)) digits += word
    else if (tens.has(word) && digits === '') digits += String((tens.get(word) ?? 0) / 10)
    else break
  }
  return digits === '' ? undefined : { text: digits, next }
}

/** "a half", "three quarters", "half an": with the little words behind it that lead to a unit. */
function readFraction(words: readonly string[], at: number): Read | undefined {
  const first = words[at] ?? ''
  const above = first === 'a' || first === 'an' ? 1 : ones.get(first)
  const alone = first === 'half' ? 2 : undefined
  const below = alone ?? (above === undefined ? undefined : denominatorOf(words[at + 1]))
  if (below === undefined) return undefined
  let next = at + (alone ? 1 : 2)
  if (words[next] === 'of') next++
  if (words[next] === 'a' || words[next] === 'an') next++
  return { text: `${alone ? 1 : above}/${below}`, next }
}
