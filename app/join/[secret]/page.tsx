import type { Metadata } from 'next';
import { database } from '../../../server/database/database';
import { closedInvitation, invitationBy } from '../../../server/team/invitations';
import { SHORTEST_PASSWORD } from '../../../server/sign-in/sessions';
import { JoinPage } from '../../../ui/account/join-page';
import { isPlain } from '../../answers';
import { currentPerson } from '../../asker';

type Props = { params: Promise<{ secret: string }> };

export const metadata: Metadata = { title: 'Invitation', robots: { index: false } };

/** An invitation, for whoever has its link. */
export default async function Page({ params }: Props) {
  const { secret } = await params;
  const [invitation, person] = await Promise.all([
    isPlain(secret) ? invitationBy(database(), secret) : null,
    currentPerson(),
  ]);
  return (
    <JoinPage
      secret={secret}
      invitation={invitation && { ...invitation }}
      closed={closedInvitation(invitation)}
      person={person && { name: person.name, email: person.email }}
      shortest={SHORTEST_PASSWORD}
    />
  );
}
