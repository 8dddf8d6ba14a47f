import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { teamAccess } from '../../../server/access/access';
import { mayDo } from '../../../server/access/permissions';
import { database } from '../../../server/database/database';
import { TopBar } from '../../../ui/frame/top-bar';
import { NewSurvey } from '../../../ui/survey/new-survey';
import { signedInPerson } from '../../asker';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'Survey · Ypsiline' };

/** A survey from which a new spec is begun. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const person = await signedInPerson(`/survey/${team}`);
  const access = (await teamAccess(database({ personId: person.id }), person.id, team, 'read')) ?? notFound();
  return (
    <>
      <TopBar person={person.name} place={{ team: { slug: access.teamSlug, name: access.teamName } }} />
      <NewSurvey team={access.teamSlug} mayBegin={mayDo(access.role, 'edit')} />
    </>
  );
}
