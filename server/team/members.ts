import type { Parsed } from '../../core/parsed';
import type { TeamAccess } from '../access/access';
import type { Role } from '../access/permissions';
import type { Query, Sql, Transaction } from '../database/database';
import { log } from './log';
import { mustChange } from '../database/must-change';
import { tell } from './notices';

const LAST_OWNER = 'A team needs an owner. Make someone else an owner first.';

/** Is this the database’s own refusal to leave a team without an owner? */
function leavesNoOwner(error: unknown): boolean {
  return (error as { constraint_name?: string } | null)?.constraint_name === 'team_keeps_an_owner';
}

async function keepingAnOwner<T>(work: () => Promise<Parsed<T>>): Promise<Parsed<T>> {
  try {
    return await work();
  } catch (error) {
    if (leavesNoOwner(error)) return { problem: LAST_OWNER };
    throw error;
  }
}

type Named = { name: string; role: Role };

/** Somebody of the team, held until the transaction ends. */
async function memberOf(sql: Transaction, teamId: string, personId: string): Promise<Named | null> {
  const [member] = await sql<Named[]>`
    select name, role
      from members
      join people on people.id = person_id
     where team_id = ${teamId} and person_id = ${personId} and left_at is null
       for update of members`;
  return member ?? null;
}

const NOT_HERE = 'This person is no longer in the team.';

/** Changes what somebody may do in a team. */
export async function changeRole(
  sql: Sql,
  access: TeamAccess<'people'>,
  personId: string,
  role: Role,
): Promise<Parsed<Role>> {
  return keepingAnOwner(() =>
    sql.begin(async (transaction): Promise<Parsed<Role>> => {
      const member = await memberOf(transaction, access.teamId, personId);
      if (!member) return { problem: NOT_HERE };
      if (member.role === role) return { value: role };
      mustChange(
        await transaction`
          update members set role = ${role} where team_id = ${access.teamId} and person_id = ${personId}`,
      );
      await log(transaction, access, { action: 'role', about: `${member.name}, ${member.role} → ${role}` });
      await tellOf(transaction, access, personId, role);
      return { value: role };
    }),
  );
}

/** Tells somebody what they are in the team now. */
async function tellOf(sql: Query, access: TeamAccess<'people'>, personId: string, role: Role): Promise<void> {
  const text = `You are ${/^[aeiou]/.test(role) ? 'an' : 'a'} ${role} of ${access.teamName} now`;
  await tell(sql, access, { kind: 'team', text, path: `/people/${access.teamSlug}`, people: [personId] });
}

/** Removes somebody from a team, and ends their sessions. What they made stays, with their name. */
export async function removeMember(sql: Sql, access: TeamAccess<'people'>, personId: string): Promise<Parsed<true>> {
  if (personId === access.personId) return { problem: 'To remove yourself, leave the team.' };
  return keepingAnOwner(() =>
    sql.begin(async (transaction): Promise<Parsed<true>> => {
      const member = await memberOf(transaction, access.teamId, personId);
      if (!member) return { problem: NOT_HERE };
      await log(transaction, access, { action: 'remove', about: member.name });
      await goes(transaction, access.teamId, personId);
      return { value: true };
    }),
  );
}

/** Leaves a team; its last owner hands it over first. */
export async function leaveTeam(sql: Sql, access: TeamAccess<'read'>): Promise<Parsed<true>> {
  return keepingAnOwner(() =>
    sql.begin(async (transaction): Promise<Parsed<true>> => {
      await log(transaction, access, { action: 'leave' });
      await goes(transaction, access.teamId, access.personId);
      return { value: true };
    }),
  );
}

async function goes(sql: Query, teamId: string, personId: string): Promise<void> {
  mustChange(
    await sql`update members set left_at = now() where team_id = ${teamId} and person_id = ${personId} and left_at is null`,
  );
}

/** Hands a team over: somebody else becomes its owner, and whoever hands it over an author. */
export async function handOver(sql: Sql, access: TeamAccess<'people'>, toPerson: string): Promise<Parsed<true>> {
  if (toPerson === access.personId) return { problem: 'You’re already an owner. Choose someone else.' };
  return sql.begin(async (transaction): Promise<Parsed<true>> => {
    const member = await memberOf(transaction, access.teamId, toPerson);
    if (!member) return { problem: NOT_HERE };
    await log(transaction, access, { action: 'hand-over', about: member.name });
    for (const [role, person] of [
      ['owner', toPerson],
      ['author', access.personId],
    ] as const)
      mustChange(
        await transaction`update members set role = ${role} where team_id = ${access.teamId} and person_id = ${person}`,
      );
    await tellOf(transaction, access, toPerson, 'owner');
    return { value: true };
  });
}

/** How many approvals a draft needs before it can be published. */
export async function approvalsNeeded(sql: Query, { teamId }: TeamAccess<'read'>): Promise<number> {
  const [team] = await sql<{ approvalsNeeded: number }[]>`select approvals_needed from teams where id = ${teamId}`;
  return team?.approvalsNeeded ?? 0;
}

/** Says how many approvals publishing needs, from none to ten. */
export async function needApprovals(sql: Sql, access: TeamAccess<'share'>, count: number): Promise<void> {
  await sql.begin(async (transaction) => {
    mustChange(await transaction`update teams set approvals_needed = ${count} where id = ${access.teamId}`);
    await log(transaction, access, { action: 'approvals', about: String(count) });
  });
}
