import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { DEMO_PEOPLE } from '../../server/team/demo-people';
import { database } from '../../server/database/database';
import { isDemo } from '../../server/team/people';
import { SignInPage } from '../../ui/account/sign-in-page';
import { currentPerson } from '../asker';

export const metadata: Metadata = { title: 'Sign in' };

type Props = { searchParams: Promise<{ to?: string | string[] }> };

/** Only addresses of this application are gone on to: what the address means is asked of the one who will follow it. */
function ownAddress(to: string | string[] | undefined): string {
  const base = 'http://own.invalid';
  if (typeof to !== 'string' || !to.startsWith('/') || !URL.canParse(to, base)) return '/';
  const { origin, pathname, search, hash } = new URL(to, base);
  return origin === base && !pathname.startsWith('//') ? `${pathname}${search}${hash}` : '/';
}

export default async function Page({ searchParams }: Props) {
  const to = ownAddress((await searchParams).to);
  if (await currentPerson()) redirect(to);
  const demo = (await isDemo(database())) ? DEMO_PEOPLE.map((person) => ({ ...person })) : [];
  return <SignInPage demo={demo} to={to} />;
}
