import type { Metadata } from 'next';
import { Bench } from '../../../ui/bench/bench';
import { signedInPerson, specOfPage } from '../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { team, spec } = await params;
  return { title: (await specOfPage(team, spec)).document.name };
}

/** The bench of a spec. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  const person = await signedInPerson(`/${team}/${slug}`);
  const { id, revision, document, changedAt, teamSlug, teamName } = await specOfPage(team, slug);
  return (
    <Bench
      key={id}
      person={person.name}
      team={{ slug: teamSlug, name: teamName }}
      spec={{ id, slug, revision, document, changedAt: changedAt.toISOString() }}
    />
  );
}
