import { type InputHTMLAttributes, type Ref, useId } from 'react';
import { Label } from './label';
import { TextInput } from './text-input';

type Props = InputHTMLAttributes<HTMLInputElement> & {
  label: string;
  error?: string | undefined;
  ref?: Ref<HTMLInputElement>;
};

/** A labelled text field of a form, with what is wrong with it under it. A field that may not be left empty says so. */
export function Field({ label, error, className = '', required = true, ...input }: Props) {
  const id = useId();
  return (
    <div className="field">
      <Label htmlFor={id} {...(required && { className: 'needed' })}>
        {label}
      </Label>
      <TextInput
        {...input}
        id={id}
        className={className}
        aria-required={required}
        aria-invalid={Boolean(error)}
        aria-describedby={error ? `${id}-says` : undefined}
      />
      {error && (
        <p id={`${id}-says`} className="problem" role="alert">
          {error}
        </p>
      )}
    </div>
  );
}
