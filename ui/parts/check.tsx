import type { ComponentProps, Ref } from 'react';
import FormCheck from 'react-bootstrap/FormCheck';
import FormCheckInput from 'react-bootstrap/FormCheckInput';

type CheckProps = Omit<ComponentProps<'input'>, 'type'> & { type: 'checkbox' | 'radio'; ref?: Ref<HTMLInputElement> };

/** A box that is ticked, or one of a few of which one is chosen; its label stands around it or beside it. */
export function Check(props: CheckProps) {
  return <FormCheckInput {...props} />;
}

/** The same with its label beside it. */
export function Option({ children, ...props }: CheckProps & { id: string }) {
  return <FormCheck {...props} label={children} />;
}
