import type { Metadata } from 'next';
import { mayDo } from '../../../server/access/permissions';
import { TopBar } from '../../../ui/frame/top-bar';
import { NewSurvey } from '../../../ui/survey/new-survey';
import { teamOfPage } from '../../asker';

type Props = { params: Promise<{ team: string }> };

export const metadata: Metadata = { title: 'Survey · Ypsiline' };

/** A survey from which a new spec is begun. */
export default async function Page({ params }: Props) {
  const { team } = await params;
  const { person, access } = await teamOfPage(team, 'read', `/survey/${team}`);
  return (
    <>
      <TopBar person={person.name} place={{ team: { slug: access.teamSlug, name: access.teamName } }} />
      <NewSurvey team={access.teamSlug} mayBegin={mayDo(access.role, 'edit')} />
    </>
  );
}
