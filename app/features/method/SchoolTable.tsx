import { href } from 'react-router'
import type { School } from '#core/score/schools.ts'
import * as texts from '#app/texts/method.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Row, Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'

/** The schools there are: each to copy, the user's own to change. */
export function SchoolTable({ schools }: { schools: School[] }) {
  return (
    <Table>
      <tbody>
        {schools.map(({ id, name, description, builtIn }) => (
          <tr key={id}>
            <td style={{ width: '20%' }}>
              <strong>{name}</strong>
              {!builtIn && (
                <>
                  <br />
                  <Small>{texts.yourOwn}</Small>
                </>
              )}
            </td>
            <td>{description}</td>
            <td style={{ width: '16%' }}>
              <Row $gap={8}>
                <ButtonLink
                  to={`${href('/schools/:school', { school: 'new' })}?of=${id}`}
                  aria-label={texts.copyOfName(name)}
                >
                  {texts.copy}
                </ButtonLink>
                {!builtIn && (
                  <ButtonLink to={href('/schools/:school', { school: id })} aria-label={texts.changeOfName(name)}>
                    {texts.change}
                  </ButtonLink>
                )}
              </Row>
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
