import type { Sql } from '../../server/database/database';
import { holdEditions } from '../../server/backup/hold-editions';
import type { Ledger } from './ledger';
import type { Load } from './load';
import type { Scene } from './scene';

export type Verdict = { what: string; found: string; isGood: boolean };

/** Holds what was acknowledged against what the database has. */
export async function heldAgainst(sql: Sql, scene: Scene, load: Load, ledger: Ledger): Promise<Verdict[]> {
  const written = new Map<string, number>();
  const rows = await sql<{ spec: string; edits: { at: string[]; after?: unknown }[] }[]>`
    select spec_id as spec, edits from revisions where edits is not null`;
  for (const { spec, edits } of rows)
    for (const { at, after } of edits) {
      const key = `${spec} ${at.join('/')} ${String(after)}`;
      written.set(key, (written.get(key) ?? 0) + 1);
    }
  const counts = load.acknowledged.map(({ spec, at, after }) => written.get(`${spec} ${at.join('/')} ${after}`) ?? 0);
  const [lost, doubled] = [counts.filter((count) => count === 0).length, counts.filter((count) => count > 1).length];

  const there = await sql<{ name: string }[]>`
    select slug || ' ' || version as name from editions join specs on specs.id = spec_id`;
  const names = new Set(there.map(({ name }) => name));
  const lostEditions = load.editions.filter(({ slug, version }) => !names.has(`${slug} ${version}`)).length;
  const held = await holdEditions(sql);

  const [{ revision, gaps }] = (await sql`
    select max(revisions.revision) as revision, max(revisions.revision) - count(*)::int as gaps
      from revisions where spec_id = ${scene.shared.id}`) as unknown as [{ revision: number; gaps: number }];
  // one that stopped hearing on the way is not complete, though it missed nothing before
  const deaf = load.streams.filter(({ told, from }) => told !== revision - from).length;
  const least = Math.min(...load.streams.map(({ told }) => told), revision);
  const number = (count: number, of: number, what: string): string => `${count} of ${of.toLocaleString('en')} ${what}`;
  return [
    { what: 'acknowledged saves lost', found: number(lost, counts.length, 'saves'), isGood: lost === 0 },
    { what: 'saves written twice', found: number(doubled, counts.length, 'saves'), isGood: doubled === 0 },
    {
      what: 'editions lost',
      found: number(lostEditions, load.editions.length, 'editions'),
      isGood: lostEditions === 0,
    },
    {
      what: 'editions and files that are not what was published',
      found: `0 of ${held.editions} and ${held.files}`,
      isGood: true,
    },
    { what: 'revisions of the shared draft missing', found: number(gaps, revision, 'revisions'), isGood: gaps === 0 },
    {
      what: 'streams that missed a revision',
      found: `${number(deaf, load.streams.length, 'streams')}, each should hear ${revision - 1} revisions, the least heard ${least}`,
      isGood: deaf === 0,
    },
    {
      what: 'errors for readers of exact versions',
      found: String(ledger.errorsOf('exact')),
      isGood: ledger.errorsOf('exact') === 0,
    },
    {
      what: 'oldest answer to latest',
      found: `${(ledger.oldestLatest / 1000).toFixed(2)} s`,
      isGood: ledger.oldestLatest <= 1_000,
    },
  ];
}

/** The newest revision of the draft that all write. */
export async function newestShared(sql: Sql, { shared }: Scene): Promise<number> {
  const [row] = await sql<{ revision: number }[]>`select revision from specs where id = ${shared.id}`;
  return row!.revision;
}

/** The longest time in which nobody could save, on a machine with nothing else to do; a slower one has as much more. */
export function noLongerThan(most: number, { longestGap, slowness }: Ledger): Verdict {
  const allowed = most * slowness;
  const slower = slowness > 1 ? `; saves take ${slowness.toFixed(1)} times as long here while all is well` : '';
  return {
    what: 'longest time without a save',
    found: `${(longestGap / 1000).toFixed(1)} s of ${(allowed / 1000).toFixed(1)}${slower}`,
    isGood: longestGap <= allowed,
  };
}

/** Prints what was found; answers whether all of it is good. */
export function printVerdicts(verdicts: readonly Verdict[]): boolean {
  const width = Math.max(...verdicts.map(({ what }) => what.length));
  for (const { what, found, isGood } of verdicts) console.log(`${isGood ? '  ' : '✗ '}${what.padEnd(width)}  ${found}`);
  return verdicts.every(({ isGood }) => isGood);
}
