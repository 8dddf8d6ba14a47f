'use client';

import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { patternName, readPattern } from '../../core/breakpoints/naming-pattern';
import { STARTING_SETS } from '../../core/document/defaults';
import { byWidth } from '../../core/spec/ranges';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Field } from '../parts/field';
import { PageHead } from '../parts/page-head';
import { Problem } from '../parts/problem';
import { type Column, RecordTable } from '../parts/record-table';
import styles from './sets.module.scss';
import { Button } from '../parts/button';

type ListedSet = {
  id: string;
  name: string;
  spec: string;
  specSlug: string;
  version: string;
  newest: string;
  madeBy: string;
};
type Props = { team: string; sets: readonly ListedSet[]; pattern: string; mayName: boolean };

/** The starting sets of a team, and the pattern by which its grids are named. */
export function SetsPage({ team, sets, pattern, mayName }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const remove = async (id: string): Promise<void> => {
    const answer = await send('DELETE', `/api/teams/${team}/starting-sets/${id}`);
    setProblem(answer.ok ? null : answer.problem);
    router.refresh();
  };
  return (
    <>
      <PageHead title="Starting sets">New specifications can begin with one of these.</PageHead>
      <Problem says={problem} />
      <RecordTable
        label="Starting sets"
        records={sets}
        columns={columnsOf(team)}
        acts={({ id, name }) => (
          <Button look="quiet" data-edits aria-label={`Remove ${name}`} onClick={() => void remove(id)}>
            Remove
          </Button>
        )}
        empty="Turn an edition into a starting set on the editions page of its specification."
      />
      <NamingPattern team={team} pattern={pattern} mayName={mayName} />
    </>
  );
}

const columnsOf = (team: string): Column<ListedSet>[] => [
  { head: 'Name', says: ({ name }) => name },
  {
    head: 'Edition',
    says: ({ spec, specSlug, version }) => (
      <Link href={`/${team}/${specSlug}/editions/${version}`}>
        {spec} <span className="number">{version}</span>
      </Link>
    ),
  },
  {
    head: 'Newer edition',
    says: ({ specSlug, version, newest }) =>
      newest === version ? (
        <span className="soft">none</span>
      ) : (
        <Link href={`/${team}/${specSlug}/comparison?before=${version}&after=${newest}`}>
          <span className="number">{newest}</span>: what changed
        </Link>
      ),
  },
  { head: 'Added by', says: ({ madeBy }) => madeBy },
];

/** A set of which a name is shown while the pattern is typed. */
const EXAMPLE = STARTING_SETS[0]!.spec('Example');

/** The pattern by which a team names its grids, with what it gives. */
function NamingPattern({ team, pattern, mayName }: Pick<Props, 'team' | 'pattern' | 'mayName'>) {
  const router = useRouter();
  const isAwake = useAwake();
  const [text, setText] = useState(pattern);
  const [said, setSaid] = useState<string | null>(null);
  const read = readPattern(text);
  const example = byWidth(EXAMPLE.breakpoints).at(-1)!;
  const keep = async (): Promise<void> => {
    const answer = await send('PATCH', `/api/teams/${team}`, { naming: text });
    setSaid(answer.ok ? 'Saved.' : answer.problem);
    router.refresh();
  };
  return (
    <form
      className={styles.naming}
      aria-labelledby="naming"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <h2 id="naming">Grid names</h2>
      <p className="soft">
        Breakpoints can be named by this pattern on the bench. It can use{' '}
        {'{name}, {count}, {column}, {gutter}, {margin}, {container}, {width}, {height}, {from}'} and {'{base}'}.
      </p>
      <Field
        label="Naming pattern"
        required={false}
        autoComplete="off"
        readOnly={!mayName}
        value={text}
        placeholder="{name}: {count} × {column} + {gutter}"
        error={read.problem}
        onChange={({ target }) => {
          setText(target.value);
          setSaid(null);
        }}
      />
      {read.value && <p>For example: {patternName(read.value, EXAMPLE, example)}</p>}
      {mayName ? (
        <Button type="submit" disabled={!isAwake || read.problem !== undefined || text === pattern}>
          Save pattern
        </Button>
      ) : (
        <p className="soft">Only owners can change it.</p>
      )}
      {said && <p role="status">{said}</p>}
    </form>
  );
}
