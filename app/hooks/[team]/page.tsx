import type { Metadata } from 'next';
import { deliveriesOf, hooksOf, receivedOf } from '../../../server/hooks/hooks';
import { HOOK_KINDS, type HookKind } from '../../../server/hooks/tell-hooks';
import { HooksPage } from '../../../ui/hooks/hooks-page';
import { teamOfPage } from '../../asker';
import { TeamBar } from '../../team-bar';
import { wire } from '../../wire';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'Web hooks · Ypsiline' };

/** The web hooks of a team, what they sent, and what came to the receiver that is shipped. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const { person, access, db } = await teamOfPage(team, 'share', `/hooks/${team}`);
  const [hooks, deliveries, received] = await Promise.all([
    hooksOf(db, access),
    deliveriesOf(db, access),
    receivedOf(db, access),
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
