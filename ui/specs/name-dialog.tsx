'use client';

import type { ReactNode } from 'react';
import Modal from 'react-bootstrap/Modal';
import { useForm, type UseFormRegister } from 'react-hook-form';
import type { Answer } from '../frame/send';

export type NameFields = { name: string; start: string };

type Props<T> = {
  title: string;
  action: string;
  defaults: NameFields;
  children?: (register: UseFormRegister<NameFields>) => ReactNode;
  submit: (fields: NameFields) => Promise<Answer<T>>;
  onDone: (body: T) => void;
  onClose: () => void;
};

/** A dialog that asks for the name of a spec, and what else its children ask. */
export function NameDialog<T>({ title, action, defaults, children, submit, onDone, onClose }: Props<T>) {
  const { register, handleSubmit, setError, formState } = useForm<NameFields>({ defaultValues: defaults });
  const { errors, isSubmitting } = formState;

  const send = async (fields: NameFields): Promise<void> => {
    const answer = await submit({ ...fields, name: fields.name.trim() });
    if (answer.ok) onDone(answer.body);
    else setError('name', { message: answer.problem });
  };

  return (
    <Modal show onHide={onClose} aria-labelledby="name-dialog-title">
      <form onSubmit={handleSubmit(send)} noValidate>
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="name-dialog-title">
            {title}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <label className="form-label" htmlFor="spec-name">
            Name
          </label>
          <input
            id="spec-name"
            className="form-control"
            autoFocus
            autoComplete="off"
            placeholder="Passenger site"
            aria-invalid={Boolean(errors.name)}
            {...register('name', {
              validate: (name) => name.trim() !== '' || 'Type a name, such as Passenger site.',
              maxLength: { value: 120, message: 'A name has at most 120 characters.' },
            })}
          />
          {errors.name && (
            <p className="problem" role="alert">
              {errors.name.message}
            </p>
          )}
          {children?.(register)}
        </Modal.Body>
        <Modal.Footer>
          <button type="button" className="btn btn-line" onClick={onClose}>
            Leave it
          </button>
          <button type="submit" className="btn btn-primary" disabled={isSubmitting}>
            {action}
          </button>
        </Modal.Footer>
      </form>
    </Modal>
  );
}
