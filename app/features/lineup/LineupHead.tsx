import type { ReactNode } from 'react'
import { styled } from 'styled-components'
import { Row, Soft } from '#app/ui/layout.tsx'

const Strip = styled.div`
  display: flex;
  align-items: center;
  gap: 4px 14px;
  min-height: 44px;
  h1 {
    flex: none;
    font-size: 26px;
  }
  @media (max-width: 1080px) {
    flex-wrap: wrap;
  }
`

const Words = styled(Soft)`
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  @media (max-width: 1080px) {
    white-space: normal;
  }
`

const Tools = styled(Row)`
  min-width: 0;
`

interface Props {
  title: ReactNode
  subtitle: ReactNode
  children?: ReactNode
}

/** The strip over a view of a line-up: what it is, and what can be done with it. */
export function LineupHead({ title, subtitle, children }: Props) {
  return (
    <Strip>
      <h1>{title}</h1>
      <Words>{subtitle}</Words>
      <Tools data-print="no" $gap={8}>
        {children}
      </Tools>
    </Strip>
  )
}
