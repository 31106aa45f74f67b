import type { CSSProperties } from 'react'
import { styled } from 'styled-components'

/** A page of ordinary width with room round it. */
export const Page = styled.main`
  max-width: 1200px;
  margin: 0 auto;
  padding: 28px 24px 64px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 24px;
`

export const Card = styled.section`
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 20px;
`

interface Gap {
  /** Pixels. */
  $gap?: number
  style?: CSSProperties
}

/** Beside the element itself: a rule for each gap would be worked out again for each element of a page. */
const gapOf = ({ $gap = 12, style }: Gap) => ({ style: { '--gap': `${$gap}px`, ...style } as CSSProperties })

export const Stack = styled.div.attrs<Gap>(gapOf)`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--gap);
  align-content: start;
`

interface RowGap extends Gap {
  $between?: boolean
}

export const Row = styled.div.attrs<RowGap>(({ $between, ...gap }) =>
  gapOf($between ? { ...gap, style: { justifyContent: 'space-between', ...gap.style } } : gap),
)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap);
`

/** Fields side by side, each as wide as what is typed into it; one below the other where there is no room. */
export const FieldLine = styled.div<{ $columns: string }>`
  display: grid;
  grid-template-columns: ${({ $columns }) => $columns};
  align-items: start;
  gap: 16px;
  max-width: 1000px;
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr);
  }
`

export const Soft = styled.span`
  color: var(--ink-soft);
`

export const Small = styled.span`
  color: var(--ink-soft);
  font-size: 13px;
`

/** A remark that warns of what can hurt or cannot be undone. */
export const Caution = styled.p`
  background: var(--amber-soft);
  border-left: 4px solid var(--amber);
  border-radius: 0 6px 6px 0;
  padding: 8px 12px;
  font-size: 14px;
`

/** A message about something that went wrong. */
export const Alert = styled.p`
  background: var(--red-soft);
  border-left: 4px solid var(--red);
  border-radius: 0 6px 6px 0;
  padding: 8px 12px;
  font-size: 14px;
`

/** A key of the keyboard. */
export const Key = styled.kbd`
  display: inline-block;
  min-width: 26px;
  padding: 4px 7px;
  border: 1px solid var(--line-strong);
  border-bottom-width: 2px;
  border-radius: 5px;
  background: var(--raised);
  color: var(--ink);
  font: 600 13px/1 var(--label);
  text-align: center;
`

/** Heard by screen readers, not seen. */
export const Unseen = styled.span`
  position: absolute;
  width: 1px;
  height: 1px;
  margin: -1px;
  overflow: hidden;
  clip-path: inset(50%);
  white-space: nowrap;
`
