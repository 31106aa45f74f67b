import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { saidRepeats } from './said-repeats.ts'

describe('repeats in one breath (common practice, no published source)', () => {
  test.each([
    ['media.thickness', '0.83, then 0.82, 0.82', ['0.83', '0.82', '0.82']],
    ['can.wall', '19, 20, 19 thou', ['19 thou', '20 thou', '19 thou']],
    ['whole.weight', '302 then 301 g', ['302 g', '301 g']],
    ['can.wall', '.49 then .50, and then .49 mm', ['.49 mm', '.50 mm', '.49 mm']],
  ])('%s: %s', (key, said, repeats) => expect(saidRepeats(characteristicOf(key), said)).toEqual(repeats))

  test.each([
    ['media.thickness', '0.83'],
    ['media.thickness', '0.83, then nothing'],
    ['media.length', '1,336'],
    ['media.thickness', '0.5, no, 0.48'],
    ['whole.weight', '302, about'],
    ['adbv.material', 'silicone, then nitrile'],
  ])('%s: %s is one thing', (key, said) => expect(saidRepeats(characteristicOf(key), said)).toBeUndefined())
})
