import type { ReactNode } from 'react';
import BootstrapButton, { type ButtonProps } from 'react-bootstrap/Button';

type ToolProps = Omit<ButtonProps, 'variant' | 'size' | 'active' | 'children'> & { children?: ReactNode };

/** A button that stays pressed: something that is on or off, or one of a few ways to look. */
export function Toggle({ isOn, ...props }: ToolProps & { isOn: boolean }) {
  return <BootstrapButton variant="tool" aria-pressed={isOn} active={isOn} {...props} />;
}

/** A button that looks like a toggle, and does one thing each time. */
export function ToolButton(props: ToolProps) {
  return <BootstrapButton variant="tool" {...props} />;
}
