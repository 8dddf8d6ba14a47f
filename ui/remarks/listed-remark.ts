export type ListedRemark = {
  id: string;
  thread: string | null;
  at: readonly string[];
  rule: string | null;
  /** What it is about, as that is called now; as it was called then, where it is gone. */
  about: string;
  isGone: boolean;
  text: string;
  madeBy: string;
  madeById: string;
  madeAt: string;
  isEdited: boolean;
  isDeleted: boolean;
  settledBy: string | null;
  settledAt: string | null;
};

export type Mentioned = { id: string; name: string };

/**
 * The people whom a text mentions, by “@” and their name.
 *
 *     mentionsIn('See this, @Obi Lorne.', members)   // ['4']
 */
export function mentionsIn(text: string, members: readonly Mentioned[]): string[] {
  return members.filter(({ name }) => text.includes(`@${name}`)).map(({ id }) => id);
}
