import type { TeamAccess } from '../access/access';
import type { Query, Sql, Transaction } from '../database/database';

/** What the log tells of, and how a line of it begins. */
export const DEEDS = {
  team: 'created the team',
  join: 'joined as',
  invite: 'invited',
  'revoke-invitation': 'revoked the invitation of',
  role: 'changed a role:',
  remove: 'removed',
  leave: 'left the team',
  'hand-over': 'transferred ownership to',
  'password-link': 'created a password link for',
  password: 'set a new password with a link',
  approvals: 'changed approvals needed to publish:',
  key: 'created the key',
  link: 'created the public link',
  'revoke-key': 'revoked',
  create: 'created the specification',
  rename: 'renamed a specification:',
  archive: 'archived',
  unarchive: 'restored from the archive',
  delete: 'deleted',
  publish: 'published',
  withdraw: 'withdrew',
  restore: 'restored',
  'ask-review': 'requested a review of',
  'end-review': 'cancelled the review of',
  approve: 'approved',
  'ask-changes': 'requested changes to',
  hook: 'created the web hook',
  'remove-hook': 'removed the web hook',
  'starting-set': 'created the starting set',
  'remove-starting-set': 'removed the starting set',
  naming: 'changed the naming pattern:',
  follower: 'added the follower',
  'remove-follower': 'removed the follower',
  save: 'saved',
} as const;
export type Deed = keyof typeof DEEDS;

/** A line of a team’s log. */
export type LogLine = {
  id: string;
  at: Date;
  person: string | null;
  address: string;
  action: Deed;
  spec: string | null;
  about: string;
};

/**
 * Adds a line to the log of a team, in the transaction that does what it tells of. Who and from where is what the transaction is asked for
 * (`acting-as.ts`).
 */
export async function log(
  sql: Query,
  { teamId, personId, address }: TeamAccess<never>,
  { action, about = '', specId = null }: { action: Deed; about?: string; specId?: string | null },
): Promise<void> {
  await sql`
    insert into log (team_id, person, address, action, spec_id, about)
    values (${teamId}, ${personId}, ${address ?? ''}, ${action}, ${specId}, ${about.slice(0, 500)})`;
}

/** Takes something of a team back or away, with its line in the log: both or neither. False where there was nothing. */
export async function takeAway(
  sql: Sql,
  access: TeamAccess<never>,
  deed: { action: Deed; specId?: string },
  take: (transaction: Transaction) => Promise<readonly { about: string }[]>,
): Promise<boolean> {
  return sql.begin(async (transaction) => {
    const [gone] = await take(transaction);
    if (gone) await log(transaction, access, { ...deed, about: gone.about });
    return gone !== undefined;
  });
}

export const LOG_PAGE = 100;

/** What of a log is asked for; `before` is the moment of the last line that was seen. */
export type LogQuestion = { person?: string | null; action?: Deed | null; before?: Date | null; most?: number };

/**
 * Lines of a team’s log, the newest first: what the log has, and every saved revision, which stands in the history of its specification.
 */
export async function logOf(
  sql: Query,
  { teamId }: TeamAccess<'people'>,
  { person = null, action = null, before = null, most = LOG_PAGE }: LogQuestion,
): Promise<LogLine[]> {
  return sql<LogLine[]>`
    with lines as (
      (select 'l' || log.id as id, at, person, address, action, coalesce(specs.name, '') as spec, about
         from log
         left join specs on specs.id = spec_id
        where log.team_id = ${teamId}
          and (${person}::bigint is null or person = ${person}::bigint)
          and (${action}::text is null or action = ${action}::text)
          and (${before}::timestamptz is null or at < ${before}::timestamptz)
        order by at desc limit ${most})
      union all
      (select 'r' || spec_id || revisions.revision, made_at, made_by, '', 'save', specs.name, 'draft ' || revisions.revision || case when label = '' then '' else ': ' || label end
         from revisions
         join specs on specs.id = spec_id
        where specs.team_id = ${teamId}
          and revisions.revision > 1
          and (${person}::bigint is null or made_by = ${person}::bigint)
          and (${action}::text is null or ${action}::text = 'save')
          and (${before}::timestamptz is null or made_at < ${before}::timestamptz)
        order by made_at desc limit ${most}))
    select lines.id, at, people.name as person, address, action, nullif(spec, '') as spec, about
      from lines
      left join people on people.id = lines.person
     order by at desc, lines.id desc
     limit ${most}`;
}
