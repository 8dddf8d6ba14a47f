import type { Metadata } from 'next';
import { changesOf } from '../../../../core/diff/difference';
import { differences } from '../../../../core/diff/differences';
import { database, reading } from '../../../../server/database/database';
import { versionsOf } from '../../../../server/editions/edition-files';
import { editionsOf, type PerhapsReadable } from '../../../../server/editions/editions';
import { SpecStrip } from '../../../../ui/drawing/spec-strip';
import { EditionList, type ListedEdition } from '../../../../ui/editions/edition-list';
import { mayDo } from '../../../../server/access/permissions';
import { accessOfPage, pointOfReader, signedInPerson, specOfPage } from '../../../asker';
import { SpecHead } from '../../../spec-page';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Editions' };

/** The history of a spec's editions. */
export default async function Page({ params }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/editions`);
  const spec = await specOfPage(team, slug);
  const access = await accessOfPage(team, slug);
  const [editions, versions] = await reading(
    () => Promise.all([editionsOf(database(access), access), versionsOf(database(access), access)]),
    { point: await pointOfReader() },
  );
  const newest = editions[0];
  const draft = {
    revision: spec.revision,
    changes: newest?.document ? changesOf(differences(newest.document, spec.document)).length : 0,
    findings: spec.mustFix,
    drawing: <SpecStrip spec={spec.document} />,
  };
  return (
    <>
      <SpecHead person={person} spec={spec} access={access} page="editions" />
      <EditionList
        address={address}
        draft={draft}
        editions={editions.map((edition, index) => {
          const files = versions.find(({ version }) => version === edition.version)?.files ?? [];
          const bytes = files.reduce((sum, file) => sum + file.bytes, 0);
          return { ...listed(edition, editions[index + 1]), files: { count: files.length, bytes } };
        })}
        specId={spec.id}
        may={{ publish: mayDo(access.role, 'publish'), edit: mayDo(access.role, 'edit') }}
      />
    </>
  );
}

function listed(
  { document, publishedAt, withdrawn, ...edition }: PerhapsReadable,
  before: PerhapsReadable | undefined,
): Omit<ListedEdition, 'files'> {
  const since =
    before?.document && document
      ? { version: before.version, changes: changesOf(differences(before.document, document)).length }
      : null;
  return {
    ...edition,
    publishedAt: publishedAt.toISOString(),
    withdrawn: withdrawn && { reason: withdrawn.reason, by: withdrawn.by },
    since,
    drawing: document && <SpecStrip spec={document} before={before?.document ?? null} />,
  };
}
