import { Link } from './link';
import type { ComponentProps } from 'react';

type Props = Pick<ComponentProps<'a'>, 'title' | 'download' | 'children'> & {
  look?: 'primary' | 'line';
  href: string;
  /** A file, or a page of its own kind: it is loaded, not navigated to. */
  isLoaded?: boolean;
};

/** A link that leads on as the next thing to do: it looks like a button, and is a link. */
export function LinkButton({ look = 'line', isLoaded = false, ...props }: Props) {
  const className = `btn btn-${look}`;
  return isLoaded ? <a {...props} className={className} /> : <Link {...props} className={className} />;
}
