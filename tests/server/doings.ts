import { breakpointOf, specWith } from '../../core/spec/testing';
import type { SpecAccess, TeamAccess } from '../../server/access/access';
import { makeKey, revokeKey } from '../../server/access/keys';
import type { Action } from '../../server/access/permissions';
import type { Sql } from '../../server/database/database';
import { saveDocument } from '../../server/specs/drafts';
import { noteFollower } from '../../server/editions/followers';
import { nameRevision, restoreRevision } from '../../server/specs/history';
import { makeHook, removeHook } from '../../server/hooks/hooks';
import { answerReview, askReview, endReview } from '../../server/specs/reviews';
import { settleThread, writeRemark } from '../../server/specs/remarks';
import { makeStartingSet } from '../../server/team/starting-sets';
import { withdrawEdition } from '../../server/editions/withdrawals';
import { publishEdition } from '../../server/editions/publish';
import { invite, revokeInvitation } from '../../server/team/invitations';
import { changeRole, handOver, leaveTeam, needApprovals, removeMember } from '../../server/team/members';
import { makePasswordLink } from '../../server/team/password-links';
import { addPerson } from '../../server/team/people';
import { windowIsAt } from '../../server/specs/presence';
import { createSpec, deleteSpec, setArchived } from '../../server/specs/specs';

/** One breakpoint whose sums come out. */
export const DOCUMENT = {
  ...specWith(breakpointOf({ count: 4, gutter: '16px', margin: '20px' }, 412, { id: 'phone' })),
  name: 'All',
};

export type Scene = {
  /** The database as its owner has it: for preparing what a deed is done to. */
  sql: Sql;
  owner: TeamAccess<Action>;
  /** The same grant for another spec. */
  on: (specId: string) => SpecAccess<Action>;
  /** A spec of the team with the edition 1.0.0. */
  specId: string;
};

/** Something that somebody does, and what they must be allowed for it. What it is done to is prepared anew each time. */
export type Doing = {
  name: string;
  action: Action;
  /** Prepares what it is done to; the answer is the id of it. */
  prepare?: (scene: Scene) => Promise<string>;
  does: (sql: Sql, access: SpecAccess<Action>, id: string, scene: Scene) => Promise<unknown>;
};

let made = 0;

const freshSpec = async ({ sql, owner }: Scene): Promise<string> =>
  (await createSpec(sql, owner, { ...DOCUMENT, name: `Spec ${++made}` })).id;

const freshPerson = async ({ sql, owner }: Scene): Promise<string> => {
  made++;
  const person = {
    email: `fresh-${made}@example.test`,
    name: `Fresh ${made}`,
    password: 'never used at all',
    says: '',
  };
  return (await addPerson(sql, owner.teamId, { ...person, role: 'reader' })).id;
};

const freshArchived = async (scene: Scene): Promise<string> => {
  const id = await freshSpec(scene);
  await setArchived(scene.sql, scene.on(id), true);
  return id;
};

const underReview = async (scene: Scene): Promise<string> => {
  const id = await freshSpec(scene);
  await askReview(scene.sql, scene.on(id), { note: 'Look at it.', people: [] });
  return id;
};

const publishedSpec = async (scene: Scene): Promise<string> => {
  const id = await freshSpec(scene);
  await publishEdition(scene.sql, scene.on(id), { revision: 1, version: '1.0.0', note: 'First.' });
  return id;
};

const as = (access: SpecAccess<Action>, specId: string): SpecAccess<Action> => ({ ...access, specId });

const document = (gutter: string) => ({
  ...DOCUMENT,
  breakpoints: DOCUMENT.breakpoints.map((each) => ({ ...each, columns: { ...each.columns, gutter } })),
});

/** Every change that the server makes for somebody; the tests of permissions go through all of it. */
export const DOINGS: readonly Doing[] = [
  {
    name: 'save a draft',
    action: 'edit',
    prepare: freshSpec,
    does: (sql, access, id) => saveDocument(sql, as(access, id), { basedOn: 1, document: document('12px') }),
  },
  {
    name: 'make a specification',
    action: 'edit',
    does: (sql, access) => createSpec(sql, access, { ...DOCUMENT, name: `Made ${++made}` }),
  },
  {
    name: 'publish',
    action: 'publish',
    prepare: freshSpec,
    does: (sql, access, id) => publishEdition(sql, as(access, id), { revision: 1, version: '1.0.0', note: 'First.' }),
  },
  {
    name: 'archive a specification',
    action: 'archive',
    prepare: freshSpec,
    does: (sql, access, id) => setArchived(sql, as(access, id), true),
  },
  {
    name: 'delete an archived specification',
    action: 'people',
    prepare: freshArchived,
    does: (sql, access, id) => deleteSpec(sql, as(access, id)),
  },
  {
    name: 'make a key',
    action: 'share',
    does: (sql, access) => makeKey(sql, access, { name: 'Build', specIds: null, days: 1 }),
  },
  {
    name: 'revoke a key',
    action: 'share',
    prepare: async ({ sql, owner }) => (await makeKey(sql, owner, { name: 'Build', specIds: null, days: 1 })).value!.id,
    does: (sql, access, id) => revokeKey(sql, access, id),
  },
  {
    name: 'say how many approvals are needed',
    action: 'share',
    does: (sql, access) => needApprovals(sql, access, ++made % 10),
  },
  {
    name: 'invite somebody',
    action: 'people',
    does: (sql, access) =>
      invite(sql, access, { email: `new-${++made}@example.test`, role: 'reader', says: '' }, 'http://here'),
  },
  {
    name: 'take an invitation back',
    action: 'people',
    prepare: async ({ sql, owner }) =>
      (await invite(sql, owner, { email: `new-${++made}@example.test`, role: 'reader', says: '' }, 'http://here'))
        .value!.id,
    does: (sql, access, id) => revokeInvitation(sql, access, id),
  },
  {
    name: 'change a role',
    action: 'people',
    prepare: freshPerson,
    does: (sql, access, id) => changeRole(sql, access, id, 'owner'),
  },
  {
    name: 'remove somebody',
    action: 'people',
    prepare: freshPerson,
    does: (sql, access, id) => removeMember(sql, access, id),
  },
  {
    name: 'hand the team over',
    action: 'people',
    prepare: freshPerson,
    does: (sql, access, id) => handOver(sql, access, id),
  },
  {
    name: 'make a link for a new password',
    action: 'people',
    prepare: freshPerson,
    does: (sql, access, id) => makePasswordLink(sql, access, id, 'http://here'),
  },
  {
    name: 'request a review',
    action: 'ask-review',
    prepare: freshSpec,
    does: (sql, access, id) => askReview(sql, as(access, id), { note: 'Look at the gutters.', people: [] }),
  },
  {
    name: 'call a review off',
    action: 'ask-review',
    prepare: underReview,
    does: (sql, access, id) => endReview(sql, as(access, id)),
  },
  {
    name: 'approve',
    action: 'review',
    prepare: underReview,
    does: (sql, access, id) => answerReview(sql, as(access, id), { verdict: 'approve', note: '', revision: 1 }),
  },
  {
    name: 'ask for changes',
    action: 'review',
    prepare: underReview,
    does: (sql, access, id) =>
      answerReview(sql, as(access, id), { verdict: 'ask-changes', note: 'Wider gutters.', revision: 1 }),
  },
  {
    name: 'look at a draft',
    action: 'read-drafts',
    prepare: async ({ specId }) => specId,
    does: (sql, access, _id, { on, specId }) =>
      windowIsAt(
        sql,
        { ...on(specId), personId: access.personId },
        { window: `looking${access.personId.padStart(3, '0')}`, view: 'bench', cell: '' },
      ),
  },
  {
    name: 'comment',
    action: 'remark',
    does: (sql, access) => writeRemark(sql, access, { text: 'Why 16?', at: ['breakpoints', 'phone'] }),
  },
  {
    name: 'settle a thread',
    action: 'remark',
    prepare: async ({ sql, on, specId }) => (await writeRemark(sql, on(specId), { text: 'Why?' })).value!,
    does: (sql, access, id) => settleThread(sql, access, id, true),
  },
  {
    name: 'name a revision',
    action: 'edit',
    prepare: freshSpec,
    does: (sql, access, id) => nameRevision(sql, as(access, id), 1, 'Before the gutters'),
  },
  {
    name: 'restore a revision',
    action: 'edit',
    prepare: async (scene) => {
      const id = await freshSpec(scene);
      await saveDocument(scene.sql, scene.on(id), { basedOn: 1, document: document('12px') });
      return id;
    },
    does: (sql, access, id) => restoreRevision(sql, as(access, id), { revision: 1, basedOn: 2 }),
  },
  {
    name: 'withdraw an edition',
    action: 'publish',
    prepare: publishedSpec,
    does: (sql, access, id) =>
      withdrawEdition(sql, as(access, id), { version: '1.0.0', reason: 'The gutter is wrong.' }),
  },
  {
    name: 'note a follower',
    action: 'publish',
    does: (sql, access) => noteFollower(sql, access, { name: `Site ${++made}`, version: '1.0.0', note: '' }),
  },
  {
    name: 'make a starting set',
    action: 'edit',
    does: (sql, access) => makeStartingSet(sql, access, { name: `Set ${++made}`, version: '1.0.0' }),
  },
  {
    name: 'make a web hook',
    action: 'share',
    does: (sql, access) => makeHook(sql, access, { name: 'Build', url: 'own', kinds: ['publish'] }),
  },
  {
    name: 'remove a web hook',
    action: 'share',
    prepare: async ({ sql, owner }) =>
      (await makeHook(sql, owner, { name: 'Build', url: 'own', kinds: ['publish'] })).value!.id,
    does: (sql, access, id) => removeHook(sql, access, id),
  },
  {
    name: 'leave',
    action: 'read',
    does: (sql, access) => leaveTeam(sql, access),
  },
];
