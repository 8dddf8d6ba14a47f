import type { ComponentProps, ReactNode, Ref } from 'react';
import FormCheckInput from 'react-bootstrap/FormCheckInput';
import FormCheck from 'react-bootstrap/FormCheck';
import FormControl from 'react-bootstrap/FormControl';
import FormLabel from 'react-bootstrap/FormLabel';
import FormSelect, { type FormSelectProps } from 'react-bootstrap/FormSelect';

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

type SelectProps = Omit<ComponentProps<'select'>, 'size'> & { ref?: Ref<HTMLSelectElement> };

/** One of several, from a list that opens. */
export function Select(props: SelectProps) {
  return <FormSelect {...(props as FormSelectProps)} />;
}

type CheckProps = Omit<ComponentProps<'input'>, 'type'> & { type: 'checkbox' | 'radio'; ref?: Ref<HTMLInputElement> };

/** A box that is ticked, or one of a few of which one is chosen; its label stands around it or beside it. */
export function Check(props: CheckProps) {
  return <FormCheckInput {...props} />;
}

/** The same with its label beside it. */
export function Option({ children, ...props }: CheckProps & { id: string }) {
  return <FormCheck {...props} label={children} />;
}

type LabelProps = {
  /** The field whose name it is; without it, it stands within a label or is one of several fields. */
  htmlFor?: string;
  as?: 'label' | 'legend' | 'span';
  className?: string;
  children: ReactNode;
};

/** The name of a field. */
export function Label({ as = 'label', ...props }: LabelProps) {
  return <FormLabel as={as} {...props} />;
}
