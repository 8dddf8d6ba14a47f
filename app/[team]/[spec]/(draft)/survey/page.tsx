import type { Metadata } from 'next';
import { SpecSurvey } from '../../../../../ui/survey/spec-survey';
import { signedInPerson } from '../../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Survey' };

/** The survey of screens beside a spec. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  await signedInPerson(`/${team}/${spec}/survey`);
  return <SpecSurvey />;
}
