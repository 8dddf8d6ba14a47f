import type { Metadata } from 'next';
import { mayDo } from '../../../../server/access/permissions';
import { database } from '../../../../server/database/database';
import { HISTORY_PAGE, historyOf } from '../../../../server/specs/history';
import { startOf } from '../../../../server/team/starting-sets';
import { stateOf } from '../../../../server/specs/states';
import { Comparison } from '../../../../ui/comparison/comparison';
import { HistoryPage } from '../../../../ui/history/history-page';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';
import { comparedStates } from '../../../compared';
import { SpecHead } from '../../../spec-page';
import { readRevision } from '../../../numbers';
import { wire } from '../../../wire';

type Props = { params: Promise<{ team: string; spec: string }>; searchParams: Promise<Record<string, unknown>> };

export const metadata: Metadata = { title: 'History' };

/** Every revision of a draft, the newest first, with what one of them changed. */
export default async function Page({ params, searchParams }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/history`);
  const [spec, access] = [await specOfPage(team, slug, '/history'), await accessOfPage(team, slug)];
  const db = database(access);
  const asked = await searchParams;
  const before = readRevision(asked['before']);
  const [revisions, start] = await Promise.all([historyOf(db, access, before), startOf(db, access)]);
  const shown = readRevision(asked['of']) ?? revisions[0]?.revision ?? 1;
  const states = await Promise.all([shown - 1, shown].map((revision) => stateOf(db, access, `r${revision}`)));
  const [was, is] = states;
  const oldest = revisions.at(-1)?.revision ?? 1;
  return (
    <>
      <SpecHead person={person} spec={spec} access={access} page="history" />
      <main id="content" className="page">
        <HistoryPage
          specId={spec.id}
          address={address}
          newest={spec.revision}
          mayEdit={mayDo(access.role, 'edit')}
          revisions={wire(revisions)}
          earlier={revisions.length === HISTORY_PAGE && oldest > 1 ? oldest : null}
          before={before}
          shown={was && is ? shown : null}
          start={
            start && {
              ...start,
              changed: start.newest !== start.version,
              comparison: `/${team}/${start.specSlug}/comparison?before=${start.version}&after=${start.newest}`,
            }
          }
        >
          {was && is && <Comparison address={address} compared={comparedStates(was, is)} />}
        </HistoryPage>
      </main>
    </>
  );
}
