import { Button as AriaButton } from 'react-aria-components'
import { Link } from 'react-router'
import { css, styled } from 'styled-components'

const look = css<{ $kind?: 'primary' | 'plain' | 'danger' | 'quiet' }>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 16px;
  border-radius: 8px;
  border: 1px solid var(--line-strong);
  background: var(--raised);
  color: var(--ink);
  font: 600 17px/1 var(--label);
  letter-spacing: 0.01em;
  text-decoration: none;
  white-space: nowrap;
  cursor: pointer;

  &:hover,
  &[data-hovered] {
    background: var(--green-soft);
  }
  &[data-disabled],
  &:disabled {
    opacity: 0.5;
    cursor: default;
  }
  ${({ $kind }) =>
    $kind === 'primary' &&
    css`
      background: var(--green);
      border-color: var(--green);
      color: var(--on-green);
      &:hover,
      &[data-hovered] {
        background: color-mix(in srgb, var(--green) 86%, var(--on-green));
      }
    `}
  ${({ $kind }) =>
    $kind === 'danger' &&
    css`
      border-color: var(--red);
      color: var(--red);
      &:hover,
      &[data-hovered] {
        background: var(--red-soft);
      }
    `}
  ${({ $kind }) =>
    $kind === 'quiet' &&
    css`
      border-color: transparent;
      background: transparent;
      padding: 0 10px;
    `}
`

/** A push button, at least 44 px high. */
export const Button = styled(AriaButton)<{ $kind?: 'primary' | 'plain' | 'danger' | 'quiet' }>`
  ${look}
`

/** A link that looks like a button. */
export const ButtonLink = styled(Link)<{ $kind?: 'primary' | 'plain' | 'danger' | 'quiet' }>`
  ${look}
`
