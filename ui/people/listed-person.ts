export type ListedRole = 'owner' | 'author' | 'reviewer' | 'reader';

/** What each role does, in a few words, from the most to the least. */
export const ROLE_WORDS: Record<ListedRole, string> = {
  owner: 'everything, the team itself too',
  author: 'edits, reviews, publishes',
  reviewer: 'reads drafts, approves',
  reader: 'reads drafts, writes remarks',
};

export const ROLE_NAMES = Object.keys(ROLE_WORDS) as ListedRole[];

export type ListedPerson = {
  id: string;
  name: string;
  email: string;
  says: string;
  role: ListedRole;
  joinedAt: string;
};

export type ListedInvitation = {
  id: string;
  email: string;
  role: ListedRole;
  madeBy: string;
  madeAt: string;
  lapsesAt: string;
  state: 'open' | 'used' | 'revoked' | 'lapsed';
  usedBy: string | null;
};

export type ListedLetter = { id: string; recipient: string; subject: string; text: string; madeAt: string };
