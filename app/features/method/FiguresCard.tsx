import { partLabel } from '#core/catalogue/index.ts'
import { figures } from '#core/figures/index.ts'
import { Formula } from '#app/ui/Formula.tsx'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { methodAnchor } from './method-anchor.ts'

/** Every figure with its formula, reason and source. */
export function FiguresCard() {
  return (
    <Card id="figures">
      <Stack>
        <h2>Figures</h2>
        <Table>
          <thead>
            <tr>
              <th style={{ minWidth: 136 }}>Figure</th>
              <th style={{ width: '46%' }}>Formula</th>
              <th>Why</th>
              <th>Source</th>
            </tr>
          </thead>
          <tbody>
            {figures.map(({ key, label, part, formula, why, source, assumptions }) => (
              <tr key={key} id={methodAnchor('figure', key)}>
                <td>
                  {label}
                  <br />
                  <Small>{partLabel(part)}</Small>
                </td>
                <td>
                  <Formula>{formula}</Formula>
                  {assumptions.length > 0 && <Small>{assumptions.join(' ')}</Small>}
                </td>
                <td>{why}</td>
                <td>{source}</td>
              </tr>
            ))}
          </tbody>
        </Table>
        <p>
          <Soft>
            Uncertainty: repeats by their spread (type A, widened by Student&apos;s t), instruments by resolution and
            accuracy, soft and uneven parts by what they give in the hand (type B, rectangular), carried through every
            formula to first order, stated for 95 % by Student’s t. Source: JCGM 100:2008. Best and worst in a line-up
            are marked only beyond it.
          </Soft>
        </p>
      </Stack>
    </Card>
  )
}
