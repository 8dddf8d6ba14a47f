import type { Metadata } from 'next';
import { Sweep } from '../../../../../ui/sweep/sweep';
import { signedInPerson } from '../../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Sweep' };

/** The sweep of a spec. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  await signedInPerson(`/${team}/${spec}/sweep`);
  return <Sweep />;
}
