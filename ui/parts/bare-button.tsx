import type { ComponentProps } from 'react';

/** A button without a look of its own: a line of a list, a column's head, a thing on a drawing. */
export function BareButton(props: ComponentProps<'button'>) {
  return <button type="button" {...props} />;
}
