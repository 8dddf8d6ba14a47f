import type { Metadata } from 'next';
import { database } from '../../server/database/database';
import { teamsOf } from '../../server/team/people';
import { sessionsOf, SHORTEST_PASSWORD } from '../../server/sign-in/sessions';
import { AccountPage } from '../../ui/account/account-page';
import { TopBar } from '../../ui/frame/top-bar';
import { sessionToken, signedInPerson } from '../asker';
import { wire } from '../wire';

export const metadata: Metadata = { title: 'Account' };

/** One's own account: password and sessions. */
export default async function Page() {
  const person = await signedInPerson('/account');
  const sql = database({ personId: person.id });
  const [sessions, teams] = await Promise.all([
    sessionsOf(sql, person.id, (await sessionToken())!),
    teamsOf(sql, person.id),
  ]);
  return (
    <>
      <TopBar person={person.name} />
      <AccountPage
        person={person}
        shortest={SHORTEST_PASSWORD}
        teams={teams.map(({ slug, name }) => ({ slug, name }))}
        sessions={wire(sessions)}
      />
    </>
  );
}
