import type { TeamAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { sendLetter } from './mail';

/** What one is told of, each of which can be turned off; `digest` is the daily letter. */
export const NOTICE_KINDS = {
  mention: 'Someone mentions you in a comment',
  remark: 'Someone replies in a thread you commented in',
  'ask-review': 'Someone requests your review',
  answer: 'A review you requested gets an answer',
  publish: 'An edition is published',
  withdraw: 'An edition is withdrawn',
  team: 'Your role changes, or someone accepts your invitation',
  digest: 'Daily e-mail with unread notices',
} as const;
export type NoticeKind = keyof typeof NOTICE_KINDS;

/** Something that somebody is told. */
export type Notice = {
  id: string;
  kind: NoticeKind;
  text: string;
  path: string;
  team: string;
  madeBy: string | null;
  madeAt: Date;
  isRead: boolean;
};

type News = { kind: NoticeKind; text: string; path: string; specId?: string | null; people: readonly string[] };

/** Tells people of a team something, in the transaction that did it; not whoever did it, nor whoever does not want to hear. */
export async function tell(
  sql: Query,
  { teamId, personId }: TeamAccess<never>,
  { kind, text, path, specId = null, people }: News,
): Promise<void> {
  const others = [...new Set(people)].filter((each) => each !== personId);
  if (others.length === 0) return;
  await sql`
    insert into notices (team_id, person_id, spec_id, kind, text, path, made_by)
    select ${teamId}, person_id, ${specId}, ${kind}, ${text.slice(0, 500)}, ${path}, ${personId}
      from members
     where team_id = ${teamId}
       and left_at is null
       and person_id in ${sql(others)}
       and wants_notice(person_id, ${kind})`;
}

/** Everybody of a team. */
export async function everybody(sql: Query, { teamId }: TeamAccess<never>): Promise<string[]> {
  const rows = await sql<{ personId: string }[]>`
    select person_id from members where team_id = ${teamId} and left_at is null`;
  return rows.map(({ personId }) => personId);
}

/** The notices of whoever asks, the newest first. */
export async function noticesOf(sql: Query, personId: string): Promise<Notice[]> {
  return sql<Notice[]>`
    select notices.id, kind, text, path, teams.name as team, people.name as made_by, made_at, read_at is not null as is_read
      from notices
      join teams on teams.id = team_id
      left join people on people.id = made_by
     where person_id = ${personId}
     order by notices.id desc
     limit 200`;
}

export async function unreadCount(sql: Query, personId: string): Promise<number> {
  const [row] = await sql<{ count: number }[]>`
    select count(*)::int from notices where person_id = ${personId} and read_at is null`;
  return row!.count;
}

/** Marks one notice as read, or all of them. */
export async function markRead(sql: Query, personId: string, id: string | null): Promise<void> {
  await sql`
    update notices set read_at = now()
     where person_id = ${personId} and read_at is null and (${id}::bigint is null or id = ${id}::bigint)`;
}

/** The kinds that somebody has turned off. */
export async function unwantedBy(sql: Query, personId: string): Promise<NoticeKind[]> {
  const rows = await sql<{ kind: NoticeKind }[]>`select kind from notice_choices where person_id = ${personId}`;
  return rows.map(({ kind }) => kind);
}

export async function want(sql: Query, personId: string, kind: NoticeKind, isWanted: boolean): Promise<void> {
  if (isWanted) await sql`delete from notice_choices where person_id = ${personId} and kind = ${kind}`;
  else await sql`insert into notice_choices (person_id, kind) values (${personId}, ${kind}) on conflict do nothing`;
}

/** Sends somebody what they have not read, a letter for each team; answers how many letters. Asked for as that person. */
export async function sendDigest(sql: Sql, personId: string): Promise<number> {
  return sql.begin(async (transaction) => {
    const [person] = await transaction<{ email: string }[]>`select email from people where id = ${personId}`;
    const unread = await transaction<{ teamId: string; team: string; text: string }[]>`
      update notices set mailed_at = now()
        from teams
       where teams.id = team_id and person_id = ${personId} and read_at is null and mailed_at is null
      returning team_id, teams.name as team, text`;
    const teams = new Map(unread.map(({ teamId, team }) => [teamId, team]));
    for (const [teamId, team] of teams) {
      const lines = unread.filter((each) => each.teamId === teamId).map(({ text }) => `- ${text}`);
      await sendLetter(transaction, { teamId } as TeamAccess<never>, {
        recipient: person!.email,
        subject: `${lines.length === 1 ? 'One notice' : `${lines.length} notices`} from ${team}`,
        text: `Unread:\n\n${lines.join('\n')}\n\nSee them under Notices, where you can turn off this e-mail.`,
      });
    }
    return teams.size;
  });
}
