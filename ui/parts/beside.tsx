'use client';

import type { ReactNode, RefObject } from 'react';
import Overlay from 'react-bootstrap/Overlay';

type Props = { target: RefObject<HTMLElement | null>; children: ReactNode };

/** Something that stands right under what it belongs to, over whatever is there, and is cut by no pane. */
export function Beside({ target, children }: Props) {
  return (
    <Overlay
      show
      target={target}
      placement="bottom-start"
      transition={false}
      popperConfig={{ strategy: 'fixed', modifiers: [{ name: 'flip', options: { padding: 8 } }] }}
    >
      {({ ref, style }) => (
        <div ref={ref} style={{ ...style, zIndex: 1080, minInlineSize: target.current?.offsetWidth }}>
          {children}
        </div>
      )}
    </Overlay>
  );
}
