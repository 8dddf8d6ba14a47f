import type { ComponentProps, Ref } from 'react';
import FormSelect, { type FormSelectProps } from 'react-bootstrap/FormSelect';

type SelectProps = Omit<ComponentProps<'select'>, 'size'> & { ref?: Ref<HTMLSelectElement> };

/** One of several, from a list that opens. */
export function Select(props: SelectProps) {
  return <FormSelect {...(props as FormSelectProps)} />;
}
