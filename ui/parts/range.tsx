import type { ComponentProps } from 'react';
import FormRange from 'react-bootstrap/FormRange';

/** A number between two others, by its place on a line. */
export function Range(props: Omit<ComponentProps<'input'>, 'type' | 'ref'>) {
  return <FormRange {...props} />;
}
