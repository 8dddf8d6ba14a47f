import type { Parsed } from '../../core/parsed';
import type { TeamAccess } from '../access/access';
import type { Role } from '../access/permissions';
import type { Query, Sql } from '../database/database';
import { log, takeAway } from './log';
import { sendLetter } from './mail';
import { hashPassword } from '../sign-in/passwords';
import { tooShort } from '../sign-in/sessions';
import { freshToken, hashToken } from '../sign-in/tokens';
import { isUuid } from '../uuid';

/** An invitation lapses after so many days; a team has at most so many that are open. */
export const INVITATION_LIMITS = { days: 7, open: 100 };

/** An invitation in a team’s list. Its secret is not kept. */
export type Invitation = {
  id: string;
  email: string;
  role: Role;
  madeBy: string;
  madeAt: Date;
  lapsesAt: Date;
  state: 'open' | 'used' | 'revoked' | 'lapsed';
  usedBy: string | null;
};

/** The invitations of a team, the newest first. */
export async function invitationsOf(sql: Query, { teamId }: TeamAccess<'people'>): Promise<Invitation[]> {
  return sql<Invitation[]>`
    select invitations.id, invitations.email, invitations.role, maker.name as made_by, made_at, lapses_at, taker.name as used_by,
           case when used_at is not null then 'used' when revoked_at is not null then 'revoked'
                when lapses_at < now() then 'lapsed' else 'open' end as state
      from invitations
      join people maker on maker.id = made_by
      left join people taker on taker.id = used_by
     where team_id = ${teamId}
     order by made_at desc
     limit 200`;
}

export type Invited = { email: string; role: Role; says: string };

/**
 * Invites somebody to a team: a link that works once and lapses goes to the outbox, and is in the answer, this once.
 *
 * @param origin where the application is reached, such as `https://grids.example`
 */
export async function invite(
  sql: Sql,
  access: TeamAccess<'people'>,
  { email, role, says }: Invited,
  origin: string,
): Promise<Parsed<{ id: string; path: string }>> {
  const address = email.trim().toLowerCase();
  return sql.begin(async (transaction): Promise<Parsed<{ id: string; path: string }>> => {
    const [there] = await transaction<{ name: string }[]>`
      select name from members join people on people.id = person_id
       where team_id = ${access.teamId} and left_at is null and email = ${address}`;
    if (there) return { problem: `${there.name} (${address}) is already in the team.` };
    const [open] = await transaction<{ count: number }[]>`
      select count(*)::int from invitations
       where team_id = ${access.teamId} and used_at is null and revoked_at is null and lapses_at > now()`;
    if (open!.count >= INVITATION_LIMITS.open)
      return { problem: `A team can have up to ${INVITATION_LIMITS.open} open invitations. Revoke one first.` };
    const secret = `ypsi_${freshToken()}`;
    const [made] = await transaction<{ id: string }[]>`
      insert into invitations (team_id, email, role, says, token_hash, made_by, lapses_at)
      values (${access.teamId}, ${address}, ${role}, ${says}, ${hashToken(secret)}, ${access.personId},
              now() + make_interval(days => ${INVITATION_LIMITS.days}))
      returning id`;
    const path = `/join/${secret}`;
    await sendLetter(transaction, access, {
      recipient: address,
      subject: `You’re invited to ${access.teamName}`,
      text: `You’re invited to the team ${access.teamName} in Ypsiline, as ${role}.\n\nOpen ${origin}${path} within ${INVITATION_LIMITS.days} days. The link works once.`,
    });
    await log(transaction, access, { action: 'invite', about: `${address} as ${role}` });
    return { value: { id: made!.id, path } };
  });
}

/** Takes an invitation back that nobody has used; false where there is none. */
export async function revokeInvitation(sql: Sql, access: TeamAccess<'people'>, id: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  return takeAway(
    sql,
    access,
    { action: 'revoke-invitation' },
    (transaction) => transaction<{ about: string }[]>`
      update invitations set revoked_at = now()
       where id = ${id} and team_id = ${access.teamId} and used_at is null and revoked_at is null
      returning email as about`,
  );
}

/** What somebody who follows an invitation is told. */
export type OpenedInvitation = {
  teamName: string;
  teamSlug: string;
  email: string;
  role: Role;
  madeBy: string;
  state: Invitation['state'];
};

/** An invitation by its secret, or null: there is none. */
export async function invitationBy(sql: Query, secret: string): Promise<OpenedInvitation | null> {
  if (secret.length > 200) return null;
  const [found] = await sql<OpenedInvitation[]>`select * from invitation_by(${hashToken(secret)})`;
  return found ?? null;
}

/** Why an invitation is not taken, by how it stands. */
const REFUSED: Record<string, string> = {
  none: 'There’s no such invitation. Ask for a new one.',
  used: 'This invitation has already been used. Ask for a new one, or sign in.',
  revoked: 'This invitation was revoked. Ask for a new one.',
  lapsed: 'This invitation has expired. Ask for a new one.',
  already: 'You’re already in this team.',
  'has-account': 'This e-mail already has an account here. Sign in with it, then open the link again.',
};

/** The sentence for whoever follows an invitation that is closed, or none; null for an open one. */
export function closedInvitation(found: OpenedInvitation | null): string | null {
  return found?.state === 'open' ? null : REFUSED[found?.state ?? 'none']!;
}

/** Takes an invitation for somebody who is signed in; each works once, whatever comes at the same moment. */
export async function takeInvitation(sql: Query, secret: string): Promise<Parsed<true>> {
  const [{ taken }] = (await sql`select take_invitation(${hashToken(secret)}) as taken`) as unknown as [
    { taken: string },
  ];
  return taken === 'joined' ? { value: true } : { problem: REFUSED[taken] ?? REFUSED.none! };
}

/**
 * Makes an account for somebody who was invited, and takes the invitation for it: both or neither. The account is for the address that the invitation was made
 * for: whoever invited vouches for it, and nobody registers another one's.
 */
export async function joinAnew(
  sql: Query,
  secret: string,
  { name, email, password }: { name: string; email: string; password: string },
): Promise<Parsed<{ personId: string }>> {
  const problem = tooShort(password);
  if (problem) return { problem };
  const invitation = await invitationBy(sql, secret);
  const closed = closedInvitation(invitation);
  if (closed) return { problem: closed };
  if (email.trim().toLowerCase() !== invitation!.email)
    return {
      problem: `This invitation is for ${invitation!.email}. Join with that address, or ask ${invitation!.madeBy} to invite another.`,
    };
  const [{ outcome, person }] = (await sql`
    select outcome, person from join_by_invitation(${hashToken(secret)}, ${name}, ${await hashPassword(password)})`) as unknown as [
    { outcome: string; person: string | null },
  ];
  return person === null ? { problem: REFUSED[outcome] ?? REFUSED.none! } : { value: { personId: person } };
}
