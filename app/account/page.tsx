import type { Metadata } from 'next';
import { database } from '../../server/database';
import { sessionCount, SHORTEST_PASSWORD } from '../../server/sign-in/sessions';
import { AccountPage } from '../../ui/account/account-page';
import { TopBar } from '../../ui/frame/top-bar';
import { signedInPerson } from '../asker';

export const metadata: Metadata = { title: 'Account' };

/** One's own account: password and sessions. */
export default async function Page() {
  const person = await signedInPerson('/account');
  const sessions = await sessionCount(database(), person.id);
  return (
    <>
      <TopBar person={person.name} />
      <AccountPage person={person} shortest={SHORTEST_PASSWORD} others={sessions - 1} />
    </>
  );
}
