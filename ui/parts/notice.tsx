import type { ReactNode } from 'react';
import Alert from 'react-bootstrap/Alert';

/** A line over a view: news, or something that stands in the way and is said at once. */
export function Notice({ of, children }: { of: 'news' | 'problem'; children: ReactNode }) {
  return (
    <Alert variant={of} role={of === 'problem' ? 'alert' : 'status'} transition={false}>
      {children}
    </Alert>
  );
}
