import type { Metadata } from 'next';
import { Rules } from '../../../../../ui/rules/rules';
import { signedInPerson } from '../../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Rules' };

/** Every rule that a spec is held against, and how this one holds it. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  await signedInPerson(`/${team}/${spec}/rules`);
  return <Rules />;
}
