import { Link } from '../parts/link';
import { Empty } from '../parts/empty';
import { NumberTable } from '../parts/number-table';
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
      <h1>Log</h1>
      <p className="soft">
        Only ever added to. Saved drafts stand here as they do in the history of each specification.
      </p>
      <form className={styles.filter} action={`/log/${team}`}>
        <label>
          <Label as="span">Who</Label>
          <Select name="person" defaultValue={asked.person}>
            <option value="">anybody</option>
            {members.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
        </label>
        <label>
          <Label as="span">Did</Label>
          <Select name="action" defaultValue={asked.action}>
            <option value="">anything</option>
            {deeds.map(([id, words]) => (
              <option key={id} value={id}>
                {words.replace(/:$/, '')}
              </option>
            ))}
          </Select>
        </label>
        <Button type="submit">Filter</Button>
        <LinkButton isLoaded href={`/api/teams/${team}/log${address({})}`}>
          As CSV
        </LinkButton>
      </form>
      {lines.length === 0 ? (
        <Empty>Nothing of the kind has happened.</Empty>
      ) : (
        <div className={styles.scroll}>
          <NumberTable of="words">
            <thead>
              <tr>
                <th scope="col">When (UTC)</th>
                <th scope="col">Who</th>
                <th scope="col">Did what</th>
                <th scope="col">Specification</th>
                <th scope="col">From</th>
              </tr>
            </thead>
            <tbody>
              {lines.map(({ id, at, person, did, about, spec, address: from }) => (
                <tr key={id}>
                  <td className="number">{at.slice(0, 19).replace('T', ' ')}</td>
                  <th scope="row">{person ?? 'Ypsiline'}</th>
                  <td>
                    {did} {about}
                  </td>
                  <td>{spec ?? ''}</td>
                  <td className="number">{from}</td>
                </tr>
              ))}
            </tbody>
          </NumberTable>
        </div>
      )}
      {earlier && (
        <p>
          <Link href={`/log/${team}${address({ before: earlier })}`}>Earlier</Link>
        </p>
      )}
    </>
  );
}
