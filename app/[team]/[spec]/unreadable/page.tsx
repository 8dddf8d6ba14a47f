import type { Metadata } from 'next';
import { notFound, redirect } from 'next/navigation';
import { database } from '../../../../server/database';
import { specAt } from '../../../../server/specs';
import { UnreadableDocument } from '../../../../server/stored-spec';
import { Unreadable } from '../../../../ui/specs/unreadable';
import { signedInPerson } from '../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Cannot be read' };

/** A spec whose stored document this version cannot read: what is wrong, the document as it is, what to do. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  const person = await signedInPerson(`/${team}/${spec}`);
  try {
    if (!(await specAt(database(), person.id, team, spec))) notFound();
  } catch (error) {
    if (!(error instanceof UnreadableDocument)) throw error;
    return <Unreadable what="draft" team={team} problem={error.problem} document={error.document} />;
  }
  redirect(`/${team}/${spec}`);
}
