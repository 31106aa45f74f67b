import { createElement, Fragment, type ReactNode } from 'react'
import { styled } from 'styled-components'
import { formulaTree, type FormulaTree } from '#core/figures/formula-tree.ts'

const Set = styled.span`
  display: block;
  math {
    font-size: 14px;
  }
  padding: 2px 0;
  mtext,
  mn,
  mo {
    font-family: var(--text);
  }
  mo {
    padding: 0 0.25em;
  }
  mo[data-bracket] {
    padding: 0;
  }
  mfrac > * {
    padding: 3px 6px;
  }
`

/** A formula set as mathematics, which screen readers read as such; a sentence stays one. */
export function Formula({ children: formula }: { children: string }) {
  const tree = formulaTree(formula)
  if (!tree || !isTall(tree)) return <Set>{formula}</Set>
  return <Set>{createElement('math', { alttext: formula, displaystyle: 'true' }, element('mrow', setOf(tree)))}</Set>
}

/** An element of MathML, which React does not know by its types. */
const element = (name: string, ...children: ReactNode[]): ReactNode => createElement(name, {}, ...children)

const bracket = (sign: string): ReactNode => createElement('mo', { 'data-bracket': '' }, sign)

/** Whether it gains by being set: something stands over something, or under a root. */
function isTall(tree: FormulaTree): boolean {
  if (tree.kind === 'fraction' || tree.kind === 'root') return true
  if (tree.kind === 'row') return tree.parts.some(({ of }) => isTall(of))
  return tree.kind !== 'words' && isTall(tree.of)
}

function setOf(tree: FormulaTree): ReactNode {
  switch (tree.kind) {
    case 'words':
      return element(/^[\d.]+$/.test(tree.text) ? 'mn' : 'mtext', tree.text)
    case 'row':
      return element(
        'mrow',
        ...tree.parts.map(({ sign, of }, at) => (
          <Fragment key={at}>
            {sign && element('mo', sign)}
            {setOf(of)}
          </Fragment>
        )),
      )
    case 'fraction':
      return element('mfrac', setOf(tree.over), setOf(tree.under))
    case 'root':
      return element('msqrt', setOf(tree.of))
    case 'power':
      return element('msup', setOf(tree.of), element('mn', tree.exponent))
    case 'group':
      return element('mrow', bracket('('), setOf(tree.of), bracket(')'))
  }
}
