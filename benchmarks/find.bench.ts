import { bench, describe } from 'vitest'
import { find, indexThings, type Thing } from '#core/find/find.ts'

const brands = ['Norrith', 'Corvane', 'Merribank', 'Dovrel', 'Pellgate', 'Quarrow', 'Sandmere', 'Fennick']
const things = Array.from({ length: 5000 }, (_, at): Thing => {
  const name = `${brands[at % brands.length]} ${String.fromCharCode(65 + (at % 26))}-${at}`
  return at % 2 === 0
    ? { kind: 'specimen', label: `${name} A`, detail: `Engine ${at % 40}`, path: `/bench/${at}`, form: 'spin-on' }
    : { kind: 'product', label: name, detail: `Engine ${at % 40}`, path: `/products/${at}` }
})

const index = indexThings(things)

describe('find among 5,000 things; under 30 ms is asked', () => {
  bench('a name', () => void find('norr n-4', index))
  bench('a reading of a specimen', () => void find('wall norrith 2496', index))
})
