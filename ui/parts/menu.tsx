'use client';

import { Ellipsis } from 'lucide-react';
import type { ComponentProps, ReactNode } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';

type Props = Omit<ComponentProps<typeof Dropdown>, 'children'> & {
  /** What it is for, to those who do not see where it stands. */
  label: string;
  title?: string;
  /** Of its button, in px. */
  size?: number;
  tabIndex?: number;
  /** Does it open over what would cut it off? */
  isFixed?: boolean;
  children: ReactNode;
};

/** Three dots that open a list of further acts. */
export function Menu({ label, title, size = 18, tabIndex, isFixed = false, children, ...props }: Props) {
  return (
    <Dropdown align="end" {...props}>
      <Dropdown.Toggle
        as="button"
        bsPrefix="btn btn-quiet"
        aria-label={label}
        {...(title !== undefined && { title })}
        {...(tabIndex !== undefined && { tabIndex })}
      >
        <Ellipsis size={size} aria-hidden />
      </Dropdown.Toggle>
      <Dropdown.Menu renderOnMount={false} {...(isFixed && { popperConfig: { strategy: 'fixed' as const } })}>
        {children}
      </Dropdown.Menu>
    </Dropdown>
  );
}

type ActProps = { disabled?: boolean; onClick: () => void; children: ReactNode };

/** One of the acts in a menu. */
export function MenuAct(props: ActProps) {
  return <Dropdown.Item as="button" type="button" {...props} />;
}
