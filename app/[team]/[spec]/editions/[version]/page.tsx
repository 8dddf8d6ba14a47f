import type { Metadata } from 'next';
import { format } from 'date-fns/format';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { mayDo } from '../../../../../server/access/permissions';
import { differences } from '../../../../../core/diff/differences';
import { database, reading } from '../../../../../server/database/database';
import { editionFile, filesOfEdition, missingFiles } from '../../../../../server/editions/edition-files';
import { type Edition, editionAt, editionsAround } from '../../../../../server/editions/editions';
import { UnreadableDocument } from '../../../../../server/database/stored-spec';
import { ReadingPage } from '../../../../../ui/editions/reading-page';
import { Unreadable } from '../../../../../ui/specs/unreadable';
import { SpecBar } from '../../../../../ui/frame/spec-bar';
import { accessOfPage, pointOfReader, signedInPerson, specOfPage } from '../../../../asker';

type Props = { params: Promise<{ team: string; spec: string; version: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { team, spec, version } = await params;
  return { title: `${(await specOfPage(team, spec, `/editions/${version}`)).document.name} ${version}` };
}

/** An edition for its readers; "latest" is the newest. */
export default async function Page({ params }: Props) {
  const { team, spec: slug, version } = await params;
  const person = await signedInPerson(`/${team}/${slug}/editions/${version}`);
  const spec = await specOfPage(team, slug, `/editions/${version}`);
  const access = await accessOfPage(team, slug);
  const point = await pointOfReader();
  let edition: Edition | null;
  try {
    const isMissing = (found: Edition | null): boolean => !found;
    edition = await reading(() => editionAt(database(access), access, version), { point, isMissing });
  } catch (error) {
    if (!(error instanceof UnreadableDocument)) throw error;
    return <Unreadable what={`edition ${version}`} team={team} problem={error.problem} document={error.document} />;
  }
  if (!edition) notFound();
  const exact = edition.version;
  const read = () =>
    Promise.all([
      editionFile(database(access), access, exact, 'grid.css'),
      editionFile(database(access), access, exact, 'overlay.js'),
      filesOfEdition(database(access), access, exact),
      editionsAround(database(access), access, exact),
    ]);
  const [css, overlay, files, { versions, before }] = await reading(read, {
    point,
    isMissing: ([file]) => !file,
  });
  const asked = await headers();
  const since = before?.document
    ? { version: before.version, differences: differences(before.document, edition.document) }
    : null;
  return (
    <>
      <div className="no-print">
        <SpecBar person={person.name} spec={spec} mayPublish={mayDo(access.role, 'publish')} />
      </div>
      <ReadingPage
        edition={{
          ...edition,
          publishedAt: edition.publishedAt.toISOString(),
          publishedOn: format(edition.publishedAt, 'd MMMM yyyy'),
          withdrawn: edition.withdrawn && { reason: edition.withdrawn.reason, by: edition.withdrawn.by },
        }}
        newer={spec.lastEdition === edition.version ? null : spec.lastEdition}
        address={`/${team}/${slug}/editions/${edition.version}`}
        team={team}
        files={files}
        missing={missingFiles(files)}
        around={{ versions, since }}
        server={`${asked.get('x-forwarded-proto') ?? 'http'}://${asked.get('host') ?? ''}`}
        overlay={overlay?.bytes.toString('utf8') ?? ''}
        css={css?.bytes.toString('utf8') ?? ''}
      />
    </>
  );
}
