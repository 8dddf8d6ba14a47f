import type { Metadata } from 'next';
import { Finder } from '../../../../../ui/finder/finder';
import { signedInPerson } from '../../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Finder' };

/** The finder of a spec. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  await signedInPerson(`/${team}/${spec}/finder`);
  return <Finder />;
}
