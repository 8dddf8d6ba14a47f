import type { ComponentProps } from 'react';
import styles from './toggle.module.scss';

type Props = Omit<ComponentProps<'button'>, 'type'> & { isOn: boolean };

/** A button that stays pressed: something that is on or off, or one of a few ways to look. */
export function Toggle({ isOn, className = '', ...props }: Props) {
  return <button type="button" aria-pressed={isOn} {...props} className={`${styles.toggle} ${className}`} />;
}

/** A button that looks like a toggle, and does one thing each time. */
export function ToolButton({ className = '', ...props }: Omit<ComponentProps<'button'>, 'type'>) {
  return <button type="button" {...props} className={`${styles.toggle} ${className}`} />;
}
