import type { Metadata } from 'next';
import { holdingBack, judge } from '../../../../core/checks/run';
import { differences } from '../../../../core/diff/differences';
import { database } from '../../../../server/database';
import { editionsOf, type PerhapsReadable } from '../../../../server/editions';
import { EditionList, type ListedEdition } from '../../../../ui/editions/edition-list';
import { SpecBar } from '../../../../ui/frame/spec-bar';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Editions' };

/** The history of a spec's editions. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/editions`);
  const spec = await specOfPage(team, slug);
  const editions = await editionsOf(database(), await accessOfPage(team, slug));
  const newest = editions[0];
  const draft = {
    revision: spec.revision,
    differences: newest?.document ? differences(newest.document, spec.document).length : 0,
    findings: holdingBack(judge(spec.document)).length,
  };
  return (
    <>
      <SpecBar person={person.name} spec={spec} />
      <EditionList
        address={address}
        draft={draft}
        editions={editions.map((edition, index) => listed(edition, editions[index + 1]))}
      />
    </>
  );
}

function listed(
  { document, publishedAt, ...edition }: PerhapsReadable,
  before: PerhapsReadable | undefined,
): ListedEdition {
  const since =
    before?.document && document
      ? { version: before.version, differences: differences(before.document, document) }
      : null;
  return { ...edition, publishedAt: publishedAt.toISOString(), since };
}
