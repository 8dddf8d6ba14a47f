import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import type { SpecAccess } from '../../../../server/access/access';
import { mayDo } from '../../../../server/access/permissions';
import { database } from '../../../../server/database/database';
import { editionAt } from '../../../../server/editions/editions';
import { seenHints } from '../../../../server/team/hints';
import { membersOf } from '../../../../server/team/people';
import { namingPattern } from '../../../../server/team/starting-sets';
import { UnreadableDocument } from '../../../../server/database/stored-spec';
import { DraftFrame } from '../../../../ui/draft/draft-frame';
import { HintsProvider } from '../../../../ui/frame/hints';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';

type Props = { children: ReactNode; params: Promise<{ team: string; spec: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { team, spec } = await params;
  const { name } = (await specOfPage(team, spec)).document;
  return { title: { default: name, template: `${name}: %s · Ypsiline` } };
}

/** The edition a draft is compared with; none where it was published in a form that cannot be read any more. */
const readableEdition = (access: SpecAccess<'read'>, version: string) =>
  editionAt(database(access), access, version).catch((error: unknown) => {
    if (error instanceof UnreadableDocument) return null;
    throw error;
  });

/** The views of a spec's draft. They share one document, so that going from one to another loses nothing. */
export default async function Layout({ children, params }: Props) {
  const { team, spec: slug } = await params;
  const person = await signedInPerson(`/${team}/${slug}`);
  const { id, revision, document, changedAt, changedBy, teamSlug, teamName, lastEdition } = await specOfPage(
    team,
    slug,
  );
  const access = await accessOfPage(team, slug);
  const db = database(access);
  const [edition, members, pattern, seen] = await Promise.all([
    lastEdition === null ? null : readableEdition(access, lastEdition),
    membersOf(db, access),
    namingPattern(db, access),
    seenHints(db, person.id),
  ]);
  return (
    <HintsProvider seen={seen}>
      <DraftFrame
        key={id}
        person={person.name}
        team={{ slug: teamSlug, name: teamName }}
        may={{
          edit: mayDo(access.role, 'edit'),
          publish: mayDo(access.role, 'publish'),
          review: mayDo(access.role, 'review'),
          askReview: mayDo(access.role, 'ask-review'),
        }}
        members={members.map(({ id: own, name }) => ({ id: own, name }))}
        pattern={pattern}
        edition={edition && { version: edition.version, document: edition.document }}
        spec={{ id, slug, revision, document, changedAt: changedAt.toISOString(), changedBy }}
      >
        {children}
      </DraftFrame>
    </HintsProvider>
  );
}
