import type { ReactNode } from 'react';
import FormLabel from 'react-bootstrap/FormLabel';

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
