import { redirect } from 'next/navigation';
import { database } from '../server/database/database';
import { teamAccess } from '../server/access/access';
import { hasSpecs } from '../server/specs/spec-list';
import { teamsOf } from '../server/team/people';
import { signedInPerson } from './asker';
import { TopBar } from '../ui/frame/top-bar';
import { NewTeam } from '../ui/people/new-team';
import { Link } from '../ui/parts/link';

/** A person's teams; with one team, straight to it. */
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const person = await signedInPerson('/');
  const teams = await teamsOf(database({ personId: person.id }), person.id);
  const { all } = await searchParams;
  if (teams.length === 1 && all === undefined) redirect(await firstPageOf(person.id, teams[0]!.slug));
  return (
    <>
      <TopBar person={person.name} />
      <main id="content" className="page">
        <h1>Your teams</h1>
        {teams.length === 0 && <p>You’re not in a team yet. Ask a team’s owner to invite you, or create one.</p>}
        <ul>
          {teams.map(({ slug, name }) => (
            <li key={slug}>
              <Link href={`/${slug}`}>{name}</Link>
            </li>
          ))}
        </ul>
        <NewTeam />
      </main>
    </>
  );
}

/** Where somebody begins in a team: its specifications, or, where there is none yet, making the first. */
async function firstPageOf(personId: string, team: string): Promise<string> {
  const access = await teamAccess(database({ personId }), personId, team, 'edit');
  return access && !(await hasSpecs(database(access), access)) ? `/new/${team}` : `/${team}`;
}
