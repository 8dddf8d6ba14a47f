import type { ComponentProps, Ref } from 'react';
import FormControl from 'react-bootstrap/FormControl';

type InputProps = Omit<ComponentProps<'input'>, 'size'> & { isSmall?: boolean; ref?: Ref<HTMLInputElement> };

/** A field for a line of text. */
export function TextInput({ isSmall = false, ...props }: InputProps) {
  return <FormControl {...(isSmall && { size: 'sm' })} {...(props as object)} />;
}

type AreaProps = ComponentProps<'textarea'> & { ref?: Ref<HTMLTextAreaElement> };

/** A field for several lines of text. */
export function TextArea(props: AreaProps) {
  return <FormControl as="textarea" {...(props as object)} />;
}
