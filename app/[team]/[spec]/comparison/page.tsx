import type { Metadata } from 'next';
import { database } from '../../../../server/database/database';
import { editionsOf } from '../../../../server/editions/editions';
import { namedRevisions } from '../../../../server/specs/history';
import { specNames } from '../../../../server/specs/spec-list';
import { stateOf } from '../../../../server/specs/states';
import { Comparison } from '../../../../ui/comparison/comparison';
import { type StateGroup, StateChooser } from '../../../../ui/comparison/state-chooser';
import { Empty } from '../../../../ui/parts/empty';
import { accessOfPage, signedInPerson, specOfPage } from '../../../asker';
import { comparedStates } from '../../../compared';
import { SpecHead } from '../../../spec-page';

type Props = { params: Promise<{ team: string; spec: string }>; searchParams: Promise<Record<string, unknown>> };

export const metadata: Metadata = { title: 'Comparison' };

/** Any two states held against each other: the draft, revisions, editions, of this spec or of others. */
export default async function Page({ params, searchParams }: Props) {
  const { team, spec: slug } = await params;
  const address = `/${team}/${slug}`;
  const person = await signedInPerson(`${address}/comparison`);
  const [spec, access] = [await specOfPage(team, slug, '/comparison'), await accessOfPage(team, slug)];
  const sql = database(access);
  const [editions, named, others] = await Promise.all([
    editionsOf(sql, access),
    namedRevisions(sql, access),
    specNames(sql, access),
  ]);
  const asked = await searchParams;
  const before = typeof asked['before'] === 'string' ? asked['before'] : (editions[0]?.version ?? 'r1');
  const after = typeof asked['after'] === 'string' ? asked['after'] : 'draft';
  const [was, is] = await Promise.all([stateOf(sql, access, before), stateOf(sql, access, after)]);
  const groups: StateGroup[] = [
    {
      title: spec.document.name,
      states: [
        { token: 'draft', name: 'draft' },
        ...editions.map(({ version }) => ({ token: version, name: version })),
        ...named.map(({ revision, name }) => ({ token: `r${revision}`, name: `${name} (revision ${revision})` })),
      ],
    },
    {
      title: 'Other specifications',
      states: others
        .filter((each) => each.slug !== slug)
        .map((each) => ({ token: `${each.slug}:draft`, name: `${each.name}, draft` })),
    },
  ];
  return (
    <>
      <SpecHead person={person} spec={spec} access={access} page="comparison" />
      <main id="content" className="page">
        <h1>Comparison</h1>
        <StateChooser action={`${address}/comparison`} groups={groups} before={before} after={after} />
        {was && is ? (
          <Comparison address={address} compared={comparedStates(was, is)} />
        ) : (
          <Empty role="alert">One of the two doesn’t exist or can’t be opened. Choose two from the lists.</Empty>
        )}
      </main>
    </>
  );
}
