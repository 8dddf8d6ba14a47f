import type { Spec } from '../spec/schema';

/** What is wrong with ids under which something stands at breakpoints: the first that is none of the document's. */
export function missingBreakpoint({ breakpoints }: Spec, ids: readonly string[], place: string): string | null {
  const missing = ids.find((id) => !breakpoints.some((breakpoint) => breakpoint.id === id));
  return missing === undefined
    ? null
    : `${place}.${missing}: There is no breakpoint “${missing}”; the document has ${breakpoints.map(({ id }) => id).join(', ')}.`;
}
