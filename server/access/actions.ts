/** What somebody may do with what belongs to a team. */
export type Action =
  | 'read'
  /** Make, copy, rename and archive specifications. */
  | 'arrange'
  /** Save drafts. */
  | 'edit'
  | 'publish'
  /** Bring and remove fonts. */
  | 'fonts'
  /** Make and revoke keys by which builds read editions. */
  | 'keys';

/** What one is in a team. Roles that may do less come here. */
export type Role = 'member';

/** The one table of who may do what. */
export const ALLOWED: Record<Role, readonly Action[]> = {
  member: ['read', 'arrange', 'edit', 'publish', 'fonts', 'keys'],
};
