import type { Metadata } from 'next';
import { holdingBack, judge } from '../../../../core/checks/run';
import { differences } from '../../../../core/diff/differences';
import type { Spec } from '../../../../core/spec/schema';
import { database } from '../../../../server/database';
import { versionsOf } from '../../../../server/edition-files';
import { editionsOf, type PerhapsReadable } from '../../../../server/editions';
import { type Compared, EditionList, type ListedEdition } from '../../../../ui/editions/edition-list';
import { SpecBar } from '../../../../ui/frame/spec-bar';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';

type Props = { params: Promise<{ team: string; spec: string }>; searchParams: Promise<Record<string, unknown>> };

export const metadata: Metadata = { title: 'Editions' };

/** The history of a spec's editions. */
export default async function Page({ params, searchParams }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/editions`);
  const spec = await specOfPage(team, slug);
  const access = await accessOfPage(team, slug);
  const [editions, versions] = await Promise.all([
    editionsOf(database(access), access),
    versionsOf(database(access), access),
  ]);
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
        editions={editions.map((edition, index) => {
          const files = versions.find(({ version }) => version === edition.version)?.files ?? [];
          const bytes = files.reduce((sum, file) => sum + file.bytes, 0);
          return { ...listed(edition, editions[index + 1]), files: { count: files.length, bytes } };
        })}
        compared={compared(await searchParams, editions, spec.document)}
      />
    </>
  );
}

function listed(
  { document, publishedAt, ...edition }: PerhapsReadable,
  before: PerhapsReadable | undefined,
): Omit<ListedEdition, 'files'> {
  const since =
    before?.document && document
      ? { version: before.version, differences: differences(before.document, document) }
      : null;
  return { ...edition, publishedAt: publishedAt.toISOString(), since };
}

/** What differs between two editions that are asked for, the draft among them; null where none are, or one cannot be read. */
function compared(asked: Record<string, unknown>, editions: readonly PerhapsReadable[], draft: Spec): Compared | null {
  const documentOf = (version: unknown): Spec | null =>
    version === 'draft' ? draft : (editions.find((edition) => edition.version === version)?.document ?? null);
  const [before, after] = [documentOf(asked['before']), documentOf(asked['after'])];
  if (!before || !after) return null;
  return { before: String(asked['before']), after: String(asked['after']), differences: differences(before, after) };
}
