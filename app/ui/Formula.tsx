import { createElement, Fragment, type ReactNode } from 'react'
import { styled } from 'styled-components'
import { formulaTree, type FormulaTree } from '#core/figures/formula-tree.ts'

const Set = styled.span`
  math {
    font-size: 1.08em;
  }
  mtext {
    font-family: var(--text);
    font-size: 0.94em;
  }
`

/** A formula set as mathematics, which screen readers read as such; a sentence stays one. */
export function Formula({ children: formula }: { children: string }) {
  const tree = formulaTree(formula)
  if (!tree) return formula
  return <Set>{createElement('math', { alttext: formula }, element('mrow', setOf(tree)))}</Set>
}

/** An element of MathML, which React does not know by its types. */
const element = (name: string, ...children: ReactNode[]): ReactNode => createElement(name, {}, ...children)

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
      return element('mrow', element('mo', '('), setOf(tree.of), element('mo', ')'))
  }
}
