import type { ReactNode } from 'react';
import { Answers, Dialog } from './dialog';

type Props = { title: string; yes: string; children: ReactNode; onYes: () => void; onClose: () => void };

/** Asks once more before something that can't be undone. */
export function Confirm({ title, yes, children, onYes, onClose }: Props) {
  return (
    <Dialog
      title={title}
      onClose={onClose}
      onSubmit={(event) => {
        event.preventDefault();
        onYes();
      }}
      answers={<Answers yes={yes} onNo={onClose} />}
    >
      <p>{children}</p>
    </Dialog>
  );
}
