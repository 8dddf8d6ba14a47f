'use client';

import { type FormEventHandler, type ReactNode, useId } from 'react';
import Modal from 'react-bootstrap/Modal';
import { Button } from './button';

type Props = {
  title: string;
  isWide?: boolean;
  /** Without it, nothing but one of the dialog's own answers closes it. */
  onClose?: () => void;
  /** What Enter does in any of its fields. */
  onSubmit?: FormEventHandler;
  /** The answers: one may be marked `at-start`, the last is the one that Enter gives. Without any, Done closes it. */
  answers?: ReactNode;
  children: ReactNode;
};

/**
 * A dialog: its title, what it asks, its answers. The focus goes to the first field, or else to the last answer; one
 * that opens unasked keeps it on itself, so that a key meant for something else answers nothing.
 */
export function Dialog({ title, isWide = false, onClose, onSubmit, answers, children }: Props) {
  const id = useId();
  const wasAskedFor = onClose !== undefined;
  const focusFirst = (): void => {
    const dialog = document.getElementById(id)?.closest('.modal');
    // who was quicker stays where they are
    if (!dialog || !wasAskedFor || document.activeElement?.closest('.modal-body, .modal-footer')) return;
    const [field] = dialog.querySelectorAll<HTMLElement>(FIELDS);
    const [answer] = [...dialog.querySelectorAll<HTMLElement>('.modal-footer button:not(:disabled)')].reverse();
    // a long dialog is read from its beginning, wherever its answer stands
    (field ?? answer)?.focus({ preventScroll: true });
  };
  const foot = answers ?? (onClose && <Done onClose={onClose} />);
  const parts = (
    <>
      <Modal.Header closeButton={wasAskedFor}>
        <Modal.Title as="h2" id={id}>
          {title}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>{children}</Modal.Body>
      {foot && <Modal.Footer>{foot}</Modal.Footer>}
    </>
  );
  return (
    <Modal
      show
      {...(isWide ? { size: 'lg' } : {})}
      onHide={onClose ?? nothing}
      // before it has faded in, so that whoever types at once loses no letter
      onEntering={focusFirst}
      onEntered={focusFirst}
      backdrop={wasAskedFor ? true : 'static'}
      keyboard={wasAskedFor}
      aria-labelledby={id}
    >
      {onSubmit ? (
        <form onSubmit={onSubmit} noValidate>
          {parts}
        </form>
      ) : (
        parts
      )}
    </Modal>
  );
}

function Done({ onClose }: { onClose: () => void }) {
  return (
    <Button look="primary" onClick={onClose}>
      Done
    </Button>
  );
}

const FIELDS = '.modal-body :is(input:not([type=hidden], [type=file], [hidden]), select, textarea):not(:disabled)';

function nothing(): void {}

/** The answers of a dialog that asks for something: no, and what Enter does. */
export function Answers({ no = 'Cancel', yes, isBusy = false, onNo }: AnswersProps) {
  return (
    <>
      <Button onClick={onNo}>{no}</Button>
      <Button type="submit" look="primary" disabled={isBusy} title="Enter">
        {yes}
      </Button>
    </>
  );
}

type AnswersProps = { no?: string; yes: string; isBusy?: boolean; onNo: () => void };
