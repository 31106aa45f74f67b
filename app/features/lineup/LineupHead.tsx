import { NavLink, useNavigate } from 'react-router'
import type { ReactNode } from 'react'
import { styled } from 'styled-components'
import { Row, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, Pick } from '#app/ui/Pick.tsx'

/** The views of one line-up, in the order of the work. */
const views = [
  { path: '', label: 'Line-up' },
  { path: '/face-off', label: 'Face-off' },
  { path: '/claims', label: 'Box claims' },
  { path: '/money', label: 'Money' },
  { path: '/verdict', label: 'Verdict' },
] as const

const Views = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    padding: 0 14px;
    border: 1px solid var(--line-strong);
    border-radius: 8px;
    background: var(--raised);
    font: 600 16px/1 var(--label);
    text-decoration: none;
    &[aria-current='page'] {
      background: var(--green);
      border-color: var(--green);
      color: var(--on-green);
    }
  }
  @media print {
    display: none;
  }
`

interface Props {
  id: string
  title: ReactNode
  says: ReactNode
  /** All applications, to go to the same view of another. */
  applications: { id: string; name: string }[]
  view: (typeof views)[number]['path']
  children?: ReactNode
}

/** Head of every view of a line-up: its name, its sister views, another application. */
export function LineupHead({ id, title, says, applications, view, children }: Props) {
  const navigate = useNavigate()
  return (
    <Stack $gap={14}>
      <Row $between>
        <Stack $gap={4}>
          <h1>{title}</h1>
          <Soft>{says}</Soft>
        </Stack>
        <Row data-print="no" $gap={8}>
          {applications.length > 1 && (
            <Pick
              name="Application"
              value={id}
              options={namedOptions(applications)}
              onPick={(other) => void navigate(`/lineups/${other}${view}`)}
            />
          )}
          {children}
        </Row>
      </Row>
      <Views aria-label="Views of this line-up">
        {views.map(({ path, label }) => (
          <NavLink key={path} to={`/lineups/${id}${path}`} end>
            {label}
          </NavLink>
        ))}
      </Views>
    </Stack>
  )
}
