import { partLabel } from '#core/catalogue/index.ts'
import { figures } from '#core/figures/index.ts'
import * as texts from '#app/texts/method.ts'
import { Formula } from '#app/ui/Formula.tsx'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { methodAnchor } from './method-anchor.ts'

/** Every figure with its formula, reason and source. */
export function FiguresCard() {
  return (
    <Card id="figures">
      <Stack>
        <h2>{texts.figures}</h2>
        <Table>
          <thead>
            <tr>
              <th style={{ minWidth: 136 }}>{texts.figure}</th>
              <th style={{ width: '46%' }}>{texts.formula}</th>
              <th>{texts.why}</th>
              <th>{texts.source}</th>
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
          <Soft>{texts.uncertaintyRepeatsByTheirSpread}</Soft>
        </p>
      </Stack>
    </Card>
  )
}
