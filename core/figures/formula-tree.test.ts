import { describe, expect, test } from 'vitest'
import { formulaTree, type FormulaTree } from './formula-tree.ts'
import { figures } from './index.ts'

/** A tree on one line: brackets as they stand, what is over and under in braces. */
function onALine(tree: FormulaTree | undefined): string {
  if (!tree) return '–'
  switch (tree.kind) {
    case 'words':
      return tree.text
    case 'row':
      return tree.parts.map(({ sign, of }) => (sign ? ` ${sign} ${onALine(of)}` : onALine(of))).join('')
    case 'fraction':
      return `{${onALine(tree.over)} | ${onALine(tree.under)}}`
    case 'root':
      return `√{${onALine(tree.of)}}`
    case 'power':
      return `${onALine(tree.of)}^${tree.exponent}`
    case 'group':
      return `(${onALine(tree.of)})`
  }
}

describe('formulas as they are set', () => {
  test.each([
    ['push ÷ area', '{push | area}'],
    ['2 × 330 MPa × can wall ÷ can diameter', '{2 × 330 MPa × can wall | can diameter}'],
    ['(can wall ÷ 0.015 in)³', '({can wall | 0.015 in})^3'],
    ['1 ÷ √(1/inlet² + 1/core²)', '{1 | √{{1 | inlet^2} + {1 | core^2}}}'],
    ['G × wire⁴ ÷ (8 × mean coil diameter³ × active coils)', '{G × wire^4 | 8 × mean coil diameter^3 × active coils}'],
    ['push × g ÷ (π/4 × seat diameter²)', '{push × g | {π | 4} × seat diameter^2}'],
    ['1 − groove depth ÷ O-ring section', '1 − {groove depth | O-ring section}'],
    ['length × (width − buried)', 'length × (width − buried)'],
    ['a ÷ b × c', '{a | b} × c'],
  ])('%s', (formula, expected) => expect(onALine(formulaTree(formula))).toBe(expected))

  test.each([
    'smallest of inlet, core and outlet area',
    'sum over opening groups: count × area of one',
    'nearest number of the gauge table',
    'a ÷ (b',
    'a ×',
    '÷ b',
    'a) × b',
    '',
  ])('"%s" is none', (formula) => expect(formulaTree(formula)).toBeUndefined())

  test('of the formulas of the figures only sentences are not set, and no word of the others is lost', () => {
    const lettersOf = (text: string) => text.replace(/[^\p{L}\d.]/gu, '')
    const left = figures.filter(({ formula }) => !formulaTree(formula)).map(({ formula }) => formula)
    expect(left.every((formula) => /[:,]|^nearest|^whole|^sum|^smallest/.test(formula))).toBe(true)
    expect(left.length).toBeLessThan(figures.length / 4)
    for (const { formula } of figures) {
      const tree = formulaTree(formula)
      if (tree)
        expect(lettersOf(onALine(tree))).toBe(
          lettersOf(formula.replace(/[²³⁴]/g, (sign) => ({ '²': '2', '³': '3', '⁴': '4' })[sign]!)),
        )
    }
  })
})
