import type { Metadata } from 'next';
import { format } from 'date-fns/format';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { differences } from '../../../../../core/diff/differences';
import { database } from '../../../../../server/database';
import { editionFile, filesOfEdition } from '../../../../../server/edition-files';
import { type Edition, editionAt, editionsAround } from '../../../../../server/editions';
import { UnreadableDocument } from '../../../../../server/stored-spec';
import { ReadingPage } from '../../../../../ui/editions/reading-page';
import { Unreadable } from '../../../../../ui/specs/unreadable';
import { SpecBar } from '../../../../../ui/frame/spec-bar';
import { accessOfPage, signedInPerson, specOfPage } from '../../../../asker';

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
  let edition: Edition | null;
  try {
    edition = await editionAt(database(access), access, version);
  } catch (error) {
    if (!(error instanceof UnreadableDocument)) throw error;
    return <Unreadable what={`edition ${version}`} team={team} problem={error.problem} document={error.document} />;
  }
  if (!edition) notFound();
  const [css, overlay, files, { versions, before }, asked] = await Promise.all([
    editionFile(database(access), access, edition.version, 'grid.css'),
    editionFile(database(access), access, edition.version, 'overlay.js'),
    filesOfEdition(database(access), access, edition.version),
    editionsAround(database(access), access, edition.version),
    headers(),
  ]);
  const since = before?.document
    ? { version: before.version, differences: differences(before.document, edition.document) }
    : null;
  return (
    <>
      <div className="no-print">
        <SpecBar person={person.name} spec={spec} />
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
        around={{ versions, since }}
        server={`${asked.get('x-forwarded-proto') ?? 'http'}://${asked.get('host') ?? ''}`}
        overlay={overlay?.bytes.toString('utf8') ?? ''}
        css={css?.bytes.toString('utf8') ?? ''}
      />
    </>
  );
}
