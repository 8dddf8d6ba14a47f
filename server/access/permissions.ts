import { inSeries } from '../../core/length/present';
/** What one is in a team, from the most to the least. */
export const ROLES = ['owner', 'author', 'reviewer', 'reader'] as const;
export type Role = (typeof ROLES)[number];

type Permission = {
  /** What it is called in a sentence: “A reader may not …”. */
  says: string;
  roles: readonly Role[];
  /** Does a key or a public link of the team open it, within its scope? */
  key?: true;
  /** What else holds. */
  but?: string;
};

const ALL = ROLES;
const AUTHORS = ['owner', 'author'] as const;
const OWNERS = ['owner'] as const;

/**
 * The one table of who may do what. The gate (`access.ts`), the database’s own policies (`role_may`), the tests and `docs/permissions.md` are made of it.
 */
export const PERMISSIONS = {
  read: { says: 'read editions, download files, compare, survey on one’s own', roles: ALL, key: true },
  'read-drafts': { says: 'read drafts, history and comments', roles: ALL },
  remark: { says: 'comment, reply and resolve', roles: ALL },
  edit: {
    says: 'edit drafts, name and restore revisions, create and duplicate specifications, save surveys, fonts and starting sets',
    roles: AUTHORS,
  },
  'ask-review': { says: 'request a review', roles: AUTHORS },
  review: {
    says: 'approve, request changes',
    roles: ['owner', 'author', 'reviewer'],
    but: 'authors can’t approve their own changes since the last edition',
  },
  publish: { says: 'publish and withdraw editions, add followers', roles: AUTHORS },
  archive: { says: 'archive specifications', roles: AUTHORS },
  share: {
    says: 'create public links, keys and web hooks, set the approvals needed to publish',
    roles: OWNERS,
  },
  people: {
    says: 'invite and remove people, change roles, transfer ownership, read the log and outbox, delete archived specifications without editions',
    roles: OWNERS,
  },
} as const satisfies Record<string, Permission>;

/** What a key may, within the specifications that it opens. Reading is always among it; the rest is chosen when it is made. */
export const KEY_SCOPES = {
  read: 'read editions, say what builds on them',
  report: 'report measurements of running pages',
} as const;

export type KeyScope = keyof typeof KEY_SCOPES;

/** What somebody may do with what belongs to a team. */
export type Action = keyof typeof PERMISSIONS;

export const ACTIONS = Object.keys(PERMISSIONS) as Action[];

/** May this role do this? */
export function mayDo(role: Role | 'key', action: Action): boolean {
  const { roles, key }: Permission = PERMISSIONS[action];
  return role === 'key' ? key === true : roles.includes(role);
}

const ARTICLE: Record<Role, string> = {
  owner: 'An owner',
  author: 'An author',
  reviewer: 'A reviewer',
  reader: 'A reader',
};

/**
 * The sentence for somebody who may not.
 *
 *     mayNot('reader', 'publish')   // "A reader of this team may not publish and withdraw editions…: owners and authors may."
 */
export function mayNot(role: Role | 'key', action: Action): string {
  const { says, roles }: Permission = PERMISSIONS[action];
  const who = role === 'key' ? 'A key' : ARTICLE[role];
  const may = roles.map((each) => `${each}s`);
  const list = inSeries(may);
  return `${who} of this team may not ${says}; ${list} may.`;
}
