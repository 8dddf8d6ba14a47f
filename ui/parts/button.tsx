import type { ReactNode, Ref } from 'react';
import BootstrapButton, { type ButtonProps } from 'react-bootstrap/Button';

type Props = Omit<ButtonProps, 'variant' | 'size' | 'children'> & {
  /** `primary`: what one came for, once in a view; `line`: anything else; `quiet`: only words, for small acts in a text or a table; `link`: looks like one. */
  look?: 'primary' | 'line' | 'quiet' | 'link';
  isSmall?: boolean;
  children?: ReactNode;
  ref?: Ref<HTMLButtonElement>;
};

/** A button that does one thing; of a form only where its `type` says so. */
export function Button({ look = 'line', isSmall = false, ...props }: Props) {
  return <BootstrapButton variant={look} {...(isSmall && { size: 'sm' })} {...props} />;
}
