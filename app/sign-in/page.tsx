import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { DEMO_PEOPLE } from '../../server/demo-people';
import { database } from '../../server/database';
import { isDemo } from '../../server/people';
import { SignInPage } from '../../ui/account/sign-in-page';
import { currentPerson } from '../asker';

export const metadata: Metadata = { title: 'Sign in' };

type Props = { searchParams: Promise<{ to?: string }> };

/** Only addresses of this application are gone on to. */
function ownAddress(to: string | undefined): string {
  return to && /^\/(?![/\\])/.test(to) ? to : '/';
}

export default async function Page({ searchParams }: Props) {
  const to = ownAddress((await searchParams).to);
  if (await currentPerson()) redirect(to);
  const demo = (await isDemo(database())) ? DEMO_PEOPLE.map((person) => ({ ...person })) : [];
  return <SignInPage demo={demo} to={to} />;
}
