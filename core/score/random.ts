/**
 * Random whole numbers from 0 to 2³² − 1, the same for the same seed: Chris Doty-Humphrey's sfc32, which passes
 * PractRand. Source: PractRand's documentation, from memory.
 *
 * @example Number.isInteger(sfc32(7)()) // => true
 */
export function sfc32(seed: number): () => number {
  let a = seed | 0
  let b = ~seed | 0
  let c = 0x9e3779b9 | 0
  let counter = 1
  const next = (): number => {
    const sum = (((a + b) | 0) + counter) | 0
    counter = (counter + 1) | 0
    a = b ^ (b >>> 9)
    b = (c + (c << 3)) | 0
    c = (c << 21) | (c >>> 11)
    c = (c + sum) | 0
    return sum >>> 0
  }
  for (let warm = 0; warm < 16; warm++) next()
  return next
}
