import type { ReactNode } from 'react'
import { href, NavLink, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { Row, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useLineup } from './useLineup.ts'

/** The views of one line-up, in the order of the work. */
const views = [
  { path: '/lineups/:application', label: 'Line-up' },
  { path: '/lineups/:application/face-off', label: 'Face-off' },
  { path: '/lineups/:application/claims', label: 'Box claims' },
  { path: '/lineups/:application/money', label: 'Money' },
  { path: '/lineups/:application/verdict', label: 'Verdict' },
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
  title: ReactNode
  subtitle: ReactNode
  view: (typeof views)[number]['path'] | '/lineups/:application/bench-card'
  children?: ReactNode
}

/** Head of every view of a line-up: its name, its sister views, another application. */
export function LineupHead({ title, subtitle, view, children }: Props) {
  const { application, applications } = useLineup()
  const navigate = useNavigate()
  return (
    <Stack $gap={14}>
      <Row $between>
        <Stack $gap={4}>
          <h1>{title}</h1>
          <Soft>{subtitle}</Soft>
        </Stack>
        <Row data-print="no" $gap={8}>
          {applications.length > 1 && (
            <SelectMenu
              name="Application"
              value={application.id}
              options={namedOptions(applications)}
              onPick={(other) => void navigate(href(view, { application: other }))}
            />
          )}
          {children}
        </Row>
      </Row>
      <Views aria-label="Views of this line-up">
        {views.map(({ path, label }) => (
          <NavLink key={path} to={href(path, { application: application.id })} end>
            {label}
          </NavLink>
        ))}
      </Views>
    </Stack>
  )
}
