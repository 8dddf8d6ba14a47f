import type { Metadata } from 'next';
import { mayDo } from '../../../server/access/permissions';
import { namingPattern, startingSetsOf } from '../../../server/team/starting-sets';
import { SetsPage } from '../../../ui/sets/sets-page';
import { teamOfPage } from '../../asker';
import { TeamBar } from '../../team-bar';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'Starting sets · Ypsiline' };

/** From what a team’s specifications begin, and how its grids are named. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const { person, access, db } = await teamOfPage(team, 'read', `/sets/${team}`);
  const [sets, pattern] = await Promise.all([startingSetsOf(db, access), namingPattern(db, access)]);
  return (
    <>
      <TeamBar person={person} access={access} page="sets" />
      <main id="content" className="page" data-view-only={!mayDo(access.role, 'edit') || undefined}>
        <SetsPage
          team={access.teamSlug}
          sets={sets.map((set) => ({ ...set }))}
          pattern={pattern}
          mayName={mayDo(access.role, 'share')}
        />
      </main>
    </>
  );
}
