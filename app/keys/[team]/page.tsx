import type { Metadata } from 'next';
import { keysOf } from '../../../server/access/keys';
import { specNames } from '../../../server/specs/spec-list';
import { KeysPage } from '../../../ui/keys/keys-page';
import { teamOfPage } from '../../asker';
import { TeamBar } from '../../team-bar';
import { wire } from '../../wire';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'Keys · Ypsiline' };

/** The keys by which builds read a team’s editions. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const { person, access, db } = await teamOfPage(team, 'share', `/keys/${team}`);
  const [keys, specs] = await Promise.all([keysOf(db, access), specNames(db, access)]);
  return (
    <>
      <TeamBar person={person} access={access} page="keys" />
      <main id="content" className="page">
        <KeysPage team={access.teamSlug} specs={specs} keys={wire(keys)} />
      </main>
    </>
  );
}
