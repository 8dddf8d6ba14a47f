import type { Parsed } from '../../core/parsed';
import type { TeamAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { log } from './log';
import { sendLetter } from './mail';
import { hashPassword } from '../sign-in/passwords';
import { tooShort } from '../sign-in/sessions';
import { freshToken, hashToken } from '../sign-in/tokens';

/** Such a link lapses after so many hours. */
export const PASSWORD_LINK_HOURS = 24;

/**
 * Makes a link by which somebody of the team chooses a new password; it works once. Only for those who are in no team but the owner’s own: their account opens
 * nothing else.
 */
export async function makePasswordLink(
  sql: Sql,
  access: TeamAccess<'people'>,
  personId: string,
  origin: string,
): Promise<Parsed<{ path: string }>> {
  return sql.begin(async (transaction): Promise<Parsed<{ path: string }>> => {
    const [person] = await transaction<{ name: string; email: string; isElsewhere: boolean }[]>`
      select name, email, is_elsewhere(person_id) as is_elsewhere
        from members join people on people.id = person_id
       where team_id = ${access.teamId} and person_id = ${personId} and left_at is null`;
    if (!person) return { problem: 'This person is no longer in the team.' };
    if (person.isElsewhere)
      return {
        problem: `${person.name} is in other teams too, and a link from here would open those as well. Your administrator can create one: npm run password-link.`,
      };
    const path = await keepLink(transaction, { teamId: access.teamId, personId, madeBy: access.personId });
    await sendLetter(transaction, access, {
      recipient: person.email,
      subject: 'Choose a new password',
      text: `Open ${origin}${path} within ${PASSWORD_LINK_HOURS} hours to choose a new password for Ypsiline. The link works once.`,
    });
    await log(transaction, access, { action: 'password-link', about: person.name });
    return { value: { path } };
  });
}

/** The same for anybody, asked for by whoever runs the server, as the owner of the database. */
export async function linkForAnybody(sql: Sql, email: string): Promise<Parsed<{ path: string }>> {
  const [person] = await sql<{ id: string; teamId: string | null }[]>`
    select id, (select team_id from members where person_id = people.id order by left_at nulls first limit 1) as team_id
      from people where email = ${email.trim().toLowerCase()} order by vouched desc limit 1`;
  if (!person?.teamId) return { problem: `No account has the e-mail ${email}.` };
  const link = { teamId: person.teamId, personId: person.id, madeBy: person.id, byOperator: true };
  return { value: { path: await keepLink(sql, link) } };
}

/** Keeps a fresh link, and answers with where it leads; its secret is kept nowhere. */
async function keepLink(
  sql: Query,
  {
    teamId,
    personId,
    madeBy,
    byOperator = false,
  }: { teamId: string; personId: string; madeBy: string; byOperator?: boolean },
): Promise<string> {
  const secret = `ypsp_${freshToken()}`;
  await sql`
    insert into password_links (token_hash, team_id, person_id, made_by, by_operator, lapses_at)
    values (${hashToken(secret)}, ${teamId}, ${personId}, ${madeBy}, ${byOperator}, now() + make_interval(hours => ${PASSWORD_LINK_HOURS}))`;
  return `/password/${secret}`;
}

/** What somebody who follows such a link is told. */
export type OpenedPasswordLink = { email: string; name: string; state: 'open' | 'used' | 'lapsed' | 'ended' };

export async function passwordLinkBy(sql: Query, secret: string): Promise<OpenedPasswordLink | null> {
  if (secret.length > 200) return null;
  const [found] = await sql<OpenedPasswordLink[]>`select * from password_link_by(${hashToken(secret)})`;
  return found ?? null;
}

const REFUSED: Record<string, string> = {
  none: 'There’s no such link. Ask an owner of your team for a new one.',
  used: 'This link has already been used. Ask an owner of your team for a new one.',
  lapsed: 'This link has expired. Ask an owner of your team for a new one.',
  ended: 'This link no longer works because the team or account has changed. Ask an owner of your team for a new one.',
};

/** The sentence for whoever follows a link that is closed, or none; null for an open one. */
export function closedPasswordLink(found: OpenedPasswordLink | null): string | null {
  return found?.state === 'open' ? null : REFUSED[found?.state ?? 'none']!;
}

/** Sets a new password by a link, and ends every session of the person. */
export async function passwordByLink(sql: Query, secret: string, password: string): Promise<Parsed<true>> {
  const short = tooShort(password);
  if (short) return { problem: short };
  const closed = closedPasswordLink(await passwordLinkBy(sql, secret));
  if (closed) return { problem: closed };
  const [{ used }] = (await sql`
    select use_password_link(${hashToken(secret)}, ${await hashPassword(password)}) as used`) as unknown as [
    { used: string },
  ];
  return used === 'changed' ? { value: true } : { problem: REFUSED[used] ?? REFUSED.none! };
}
