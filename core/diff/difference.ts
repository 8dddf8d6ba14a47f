import type { Address } from '../edits/edit';
import type { Bump } from '../quantities/quantity';

/** One thing that differs between two documents, in words. Null where there was, or is, nothing. */
export type Difference = {
  /** Where it stands in the newer document, or stood in the older. */
  at: Address;
  breakpoint: string | null;
  what: string;
  before: string | null;
  after: string | null;
  /** Does it only follow another change? */
  follows: boolean;
  bump: Bump;
};

/**
 * The changes among differences: what somebody made, without what only follows. This is what is counted wherever changes are
 * counted.
 */
export function changesOf(found: readonly Difference[]): Difference[] {
  return found.filter(({ follows }) => !follows);
}
