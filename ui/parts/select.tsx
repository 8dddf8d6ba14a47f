import type { ComponentProps, Ref } from 'react';
import FormSelect, { type FormSelectProps } from 'react-bootstrap/FormSelect';

type SelectProps = Omit<ComponentProps<'select'>, 'size'> & {
  ref?: Ref<HTMLSelectElement>;
  /** As low as the tools beside it, and as wide as what it says. */
  isSmall?: boolean;
};

/** One of several, from a list that opens. */
export function Select({ isSmall = false, ...props }: SelectProps) {
  return <FormSelect {...(isSmall && { size: 'sm' })} {...(props as FormSelectProps)} />;
}
