import type { Wire } from '../../app/wire';
import type { Remark } from '../../server/specs/remarks';

/** A remark; what it is about is called as it is called now, or as it was called then, where it is gone. */
export type ListedRemark = Wire<Remark> & { isGone: boolean };

export type Mentioned = { id: string; name: string };

/**
 * The people whom a text mentions, by “@” and their name.
 *
 *     mentionsIn('See this, @Obi Lorne.', members)   // ['4']
 */
export function mentionsIn(text: string, members: readonly Mentioned[]): string[] {
  return members.filter(({ name }) => text.includes(`@${name}`)).map(({ id }) => id);
}
