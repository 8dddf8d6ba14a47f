import type { TeamAccess } from '../access/access';
import type { Role } from '../access/permissions';
import type { Query } from '../database/database';
import { isReserved } from './reserved-addresses';
import { hashPassword } from '../sign-in/passwords';

export type Team = { id: string; slug: string; name: string };
export type Member = {
  id: string;
  name: string;
  email: string;
  says: string;
  role: Role;
  joinedAt: Date;
  seenAt: Date | null;
};

/** The teams of a person, by name. */
export async function teamsOf(sql: Query, personId: string): Promise<Team[]> {
  return sql<Team[]>`
    select teams.id, slug, name
      from teams
      join members on team_id = teams.id
     where person_id = ${personId}
       and left_at is null
     order by name`;
}

/** Who is in a team, the longest first. */
export async function membersOf(sql: Query, { teamId }: TeamAccess<'read'>): Promise<Member[]> {
  return sql<Member[]>`
    select people.id, name, email, says, role, joined_at, seen_at
      from members
      join people on people.id = person_id
     where team_id = ${teamId}
       and left_at is null
     order by joined_at, people.id`;
}

/** Adds a team, or answers with the one that has this slug; a name that a page has gets a number. */
export async function addTeam(
  sql: Query,
  { slug, name, demo = false }: { slug: string; name: string; demo?: boolean },
): Promise<Team> {
  const address = isReserved(slug) ? `${slug}-2` : slug;
  const [team] = await sql<Team[]>`
    insert into teams (slug, name, demo) values (${address}, ${name}, ${demo})
    on conflict (slug) do update set slug = excluded.slug
    returning id, slug, name`;
  return team!;
}

export type NewPerson = { email: string; name: string; password: string; says: string; role?: Role };

/**
 * Adds a person to a team, by whoever runs the server, who vouches for the address; the first of a team is its owner. Somebody whom another team already has
 * keeps their name and password.
 *
 * @returns the person's id, and whether they are new to this installation
 */
export async function addPerson(
  sql: Query,
  teamId: string,
  { email, name, password, says, role = 'author' }: NewPerson,
): Promise<{ id: string; isNew: boolean }> {
  const [added] = await sql<{ id: string }[]>`
    insert into people (email, name, password_hash, demo)
    select ${email.trim().toLowerCase()}, ${name}, ${await hashPassword(password)}, demo from teams where id = ${teamId}
    on conflict (email, vouched) do nothing
    returning id`;
  const [person] = added
    ? [added]
    : await sql<{ id: string }[]>`select id from people where email = ${email.trim().toLowerCase()} and vouched`;
  await sql`
    insert into members (team_id, person_id, says, role)
    select ${teamId}, ${person!.id}, ${says},
           case when exists (select from members where team_id = ${teamId} and role = 'owner' and left_at is null) then ${role} else 'owner' end
    on conflict (team_id, person_id) do update set says = excluded.says, left_at = null`;
  return { id: person!.id, isNew: Boolean(added) };
}

/** Does this database hold the demo, and nothing else? Then its sign-ins may be shown. */
export async function isDemo(sql: Query): Promise<boolean> {
  const [teams] = await sql<{ demo: boolean }[]>`select only_the_demo() as demo`;
  return teams!.demo;
}
