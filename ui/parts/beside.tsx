'use client';

import type { ReactNode } from 'react';
import Overlay from 'react-bootstrap/Overlay';

type Props = { target: HTMLElement | null; className?: string | undefined; children: ReactNode };

/** Something that stands right under what it belongs to, over whatever is there, and is cut by no pane. */
export function Beside({ target, className, children }: Props) {
  return (
    <Overlay
      show={target !== null}
      target={target}
      placement="bottom-start"
      transition={false}
      popperConfig={{ strategy: 'fixed', modifiers: [{ name: 'flip', options: { padding: 8 } }] }}
    >
      {({ ref, style }) => (
        <div ref={ref} style={{ ...style, zIndex: 1080, minInlineSize: target?.offsetWidth }} className={className}>
          {children}
        </div>
      )}
    </Overlay>
  );
}
