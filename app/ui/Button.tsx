import type { ComponentProps } from 'react'
import { Button as AriaButton, type ButtonProps } from 'react-aria-components'
import { Link, type LinkProps } from 'react-router'
import { css, styled } from 'styled-components'

interface Kind {
  $kind?: 'primary' | 'plain' | 'danger' | 'quiet' | undefined
}

/** The same for all kinds, so that it is worked out once and not for every button of a page. */
const look = css`
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
  touch-action: manipulation;

  &:hover,
  &[data-hovered] {
    background: var(--green-soft);
  }
  &[data-disabled],
  &:disabled {
    opacity: 0.5;
    cursor: default;
  }
  &[data-kind='primary'] {
    background: var(--green);
    border-color: var(--green);
    color: var(--on-green);
    &:hover,
    &[data-hovered] {
      background: color-mix(in srgb, var(--green) 86%, var(--on-green));
    }
  }
  &[data-kind='danger'] {
    border-color: var(--red);
    color: var(--red);
    &:hover,
    &[data-hovered] {
      background: var(--red-soft);
    }
  }
  &[data-kind='quiet'] {
    padding: 0 10px;
    border-color: transparent;
    background: transparent;
  }
`

const Pushed = styled.button`
  ${look}
`

interface Props extends Kind, Omit<ComponentProps<'button'>, 'onClick' | 'disabled'> {
  onPress?: (() => void) | undefined
  isDisabled?: boolean | undefined
}

/** A push button, at least 44 px high; the browser's own, for a page has dozens. */
export const Button = ({ $kind, onPress, isDisabled, type = 'button', ...rest }: Props) => (
  <Pushed type={type} data-kind={$kind} onClick={onPress && (() => onPress())} disabled={isDisabled} {...rest} />
)

const Trigger = styled(AriaButton)`
  ${look}
`

/** A button that opens the menu or the dialog beside it. */
export const TriggerButton = ({ $kind, ...rest }: Kind & ButtonProps) => <Trigger data-kind={$kind} {...rest} />

const Led = styled(Link)`
  ${look}
`

/** A link that looks like a button. */
export const ButtonLink = ({ $kind, ...rest }: Kind & LinkProps) => <Led data-kind={$kind} {...rest} />
