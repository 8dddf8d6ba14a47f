import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { teamAccess } from '../../../server/access/access';
import { database } from '../../../server/database/database';
import { deliveriesOf, hooksOf, receivedOf } from '../../../server/hooks/hooks';
import { HOOK_KINDS, type HookKind } from '../../../server/hooks/tell-hooks';
import { HooksPage } from '../../../ui/hooks/hooks-page';
import { signedInPerson } from '../../asker';
import { TeamBar } from '../../team-bar';
import { wire } from '../../wire';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'Web hooks · Ypsiline' };

/** The web hooks of a team, what they sent, and what came to the receiver that is shipped. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const person = await signedInPerson(`/hooks/${team}`);
  const access = (await teamAccess(database({ personId: person.id }), person.id, team, 'share')) ?? notFound();
  const sql = database(access);
  const [hooks, deliveries, received] = await Promise.all([
    hooksOf(sql, access),
    deliveriesOf(sql, access),
    receivedOf(sql, access),
  ]);
  return (
    <>
      <TeamBar person={person} access={access} page="hooks" />
      <main id="content" className="page">
        <HooksPage
          team={access.teamSlug}
          kinds={Object.entries(HOOK_KINDS) as [HookKind, string][]}
          hooks={wire(hooks)}
          deliveries={wire(deliveries)}
          received={wire(received)}
        />
      </main>
    </>
  );
}
