import type { Wire } from '../../app/wire';
import type { Role } from '../../server/access/permissions';
import type { Invitation } from '../../server/team/invitations';
import type { OutboxLetter } from '../../server/team/mail';
import type { Member } from '../../server/team/people';

export type ListedRole = Role;

/** What each role does, in a few words, from the most to the least. */
export const ROLE_WORDS: Record<ListedRole, string> = {
  owner: 'full access',
  author: 'edits, reviews, publishes',
  reviewer: 'reads drafts, approves',
  reader: 'reads drafts, comments',
};

export const ROLE_NAMES = Object.keys(ROLE_WORDS) as ListedRole[];

export type ListedPerson = Wire<Member>;
export type ListedInvitation = Wire<Invitation>;
export type ListedLetter = Wire<OutboxLetter>;
