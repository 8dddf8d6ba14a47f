import type { Metadata } from 'next';
import { may } from '../../../server/access/access';
import { invitationsOf } from '../../../server/team/invitations';
import { outboxOf } from '../../../server/team/mail';
import { approvalsNeeded } from '../../../server/team/members';
import { membersOf } from '../../../server/team/people';
import { PeoplePage } from '../../../ui/people/people-page';
import { teamOfPage } from '../../asker';
import { TeamBar } from '../../team-bar';
import { wire } from '../../wire';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'People · Ypsiline' };

/** Who is in a team, as what; for owners also who is invited, and what was sent. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const { person, access, db } = await teamOfPage(team, 'read', `/people/${team}`);
  const owner = may(access, 'people', 'share');
  const [members, invitations, outbox, approvals] = await Promise.all([
    membersOf(db, access),
    owner ? invitationsOf(db, owner) : null,
    owner ? outboxOf(db, owner) : null,
    approvalsNeeded(db, access),
  ]);
  return (
    <>
      <TeamBar person={person} access={access} page="people" />
      <main id="content" className="page">
        <PeoplePage
          team={{ slug: access.teamSlug, name: access.teamName, approvals }}
          self={person.id}
          members={wire(members)}
          invitations={wire(invitations)}
          outbox={wire(outbox)}
        />
      </main>
    </>
  );
}
