import type { Metadata } from 'next';
import { readSpec } from '../../../core/document/read';
import { mayDo } from '../../../server/access/permissions';
import { membersOf } from '../../../server/team/people';
import { documentsOfSets, startingSetsOf } from '../../../server/team/starting-sets';
import { NewSpecPage } from '../../../ui/specs/new-spec-page';
import { teamOfPage } from '../../asker';
import { TeamBar } from '../../team-bar';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'New specification' };

/** Where a specification begins: with a starting set, with one’s own screens, or with what one has. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const { person, access, db } = await teamOfPage(team, 'edit', `/new/${team}`);
  const [sets, documents, members] = await Promise.all([
    startingSetsOf(db, access),
    documentsOfSets(db, access),
    membersOf(db, access),
  ]);
  const drawn = sets.flatMap(({ id, name, spec, version }) => {
    const { value } = readSpec(documents.get(id));
    return value ? [{ id, name, says: `Your team’s set, from ${spec} ${version}`, document: value }] : [];
  });
  return (
    <>
      <TeamBar person={person} access={access} page="specs" />
      <main id="content" className="page">
        <NewSpecPage
          team={access.teamSlug}
          sets={drawn}
          invites={members.length === 1 && mayDo(access.role, 'people')}
        />
      </main>
    </>
  );
}
