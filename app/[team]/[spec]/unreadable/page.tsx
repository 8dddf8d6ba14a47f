import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { database } from '../../../../server/database/database';
import { specOf } from '../../../../server/specs/specs';
import { UnreadableDocument } from '../../../../server/database/stored-spec';
import { Unreadable } from '../../../../ui/specs/unreadable';
import { accessOfPage } from '../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

export const metadata: Metadata = { title: 'Can’t be opened' };

/** A spec whose stored document this version cannot read: what is wrong, the document as it is, what to do. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  const access = await accessOfPage(team, spec);
  try {
    await specOf(database(access), access);
  } catch (error) {
    if (!(error instanceof UnreadableDocument)) throw error;
    return <Unreadable what="draft" team={team} problem={error.problem} document={error.document} />;
  }
  redirect(`/${team}/${spec}`);
}
