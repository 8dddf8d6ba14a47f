import { Link } from '../parts/link';
import { PageHead } from '../parts/page-head';
import { type Column, RecordTable } from '../parts/record-table';
import styles from './log.module.scss';
import { Label } from '../parts/label';
import { Select } from '../parts/select';
import { Button } from '../parts/button';
import { LinkButton } from '../parts/link-button';

type Line = {
  id: string;
  at: string;
  person: string | null;
  did: string;
  about: string;
  spec: string | null;
  address: string;
};

type Props = {
  team: string;
  asked: { person: string; action: string };
  deeds: [string, string][];
  members: { id: string; name: string }[];
  lines: Line[];
  /** The moment before which earlier lines stand, or null: there are none. */
  earlier: string | null;
};

/** Who did what, when, from where; filtered by a plain form, so that an address says it. */
export function LogPage({ team, asked, deeds, members, lines, earlier }: Props) {
  const filter = new URLSearchParams(Object.entries(asked).filter(([, value]) => value !== ''));
  const address = (more: Record<string, string>): string =>
    `?${new URLSearchParams([...filter, ...Object.entries(more)]).toString()}`;
  return (
    <>
      <PageHead title="Log">
        Append-only record of the team. Edits to a draft are in the history of its specification.
      </PageHead>
      <form className={styles.filter} action={`/log/${team}`}>
        <label>
          <Label as="span">Who</Label>
          <Select name="person" defaultValue={asked.person}>
            <option value="">Anyone</option>
            {members.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
        </label>
        <label>
          <Label as="span">Event</Label>
          <Select name="action" defaultValue={asked.action}>
            <option value="">Any event</option>
            {deeds.map(([id, words]) => (
              <option key={id} value={id}>
                {words.replace(/:$/, '')}
              </option>
            ))}
          </Select>
        </label>
        <Button type="submit">Filter</Button>
        <LinkButton isLoaded href={`/api/teams/${team}/log${address({})}`}>
          Export CSV
        </LinkButton>
      </form>
      <RecordTable label="Events" records={lines} columns={COLUMNS} empty="No matching events." />
      {earlier && (
        <p>
          <Link href={`/log/${team}${address({ before: earlier })}`}>Earlier</Link>
        </p>
      )}
    </>
  );
}

const COLUMNS: Column<Line>[] = [
  { head: 'Time (UTC)', isNumber: true, says: ({ at }) => at.slice(0, 19).replace('T', ' ') },
  { head: 'Who', says: ({ person }) => person ?? 'Ypsiline' },
  { head: 'Event', says: ({ did, about }) => `${did} ${about}` },
  { head: 'Specification', says: ({ spec }) => spec ?? '' },
  { head: 'IP address', isNumber: true, says: ({ address }) => address },
];
