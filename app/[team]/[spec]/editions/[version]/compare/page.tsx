import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { mayDo } from '../../../../../../server/access/permissions';
import { database } from '../../../../../../server/database/database';
import { editionAt } from '../../../../../../server/editions/editions';
import { UnreadableDocument } from '../../../../../../server/database/stored-spec';
import { CompareSite } from '../../../../../../ui/compare/compare-site';
import { SpecBar } from '../../../../../../ui/frame/spec-bar';
import { accessOfPage, signedInPerson, specOfPage } from '../../../../../asker';

type Props = { params: Promise<{ team: string; spec: string; version: string }> };

export const metadata: Metadata = { title: 'Check a site' };

/** A site's style sheets held against an edition. */
export default async function Page({ params }: Props) {
  const { team, spec: slug, version } = await params;
  const person = await signedInPerson(`/${team}/${slug}/editions/${version}/compare`);
  const spec = await specOfPage(team, slug, `/editions/${version}/compare`);
  const access = await accessOfPage(team, slug);
  const edition = await editionAt(database(access), access, version).catch((error: unknown) => {
    if (error instanceof UnreadableDocument) return null;
    throw error;
  });
  if (!edition) notFound();
  return (
    <>
      <SpecBar person={person.name} spec={spec} mayPublish={mayDo(access.role, 'publish')} />
      <CompareSite
        document={edition.document}
        version={edition.version}
        address={`/${team}/${slug}/editions/${edition.version}`}
      />
    </>
  );
}
