import type { Metadata } from 'next';
import { Layouts } from '../../../../../ui/layouts/layouts';
import { signedInPerson } from '../../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Layouts' };

/** The trial layouts of a spec. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  const person = await signedInPerson(`/${team}/${spec}/layouts`);
  return <Layouts team={team} person={person.name} />;
}
