'use client';

import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { counted } from '../../core/length/present';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Empty } from '../parts/empty';
import { Field } from '../parts/field';
import { NumberTable } from '../parts/number-table';
import { Problem } from '../parts/problem';
import styles from './followers.module.scss';
import { Button } from '../parts/button';
import { Label } from '../parts/label';
import { Select } from '../parts/select';

export type ListedFollower = {
  id: string;
  name: string;
  version: string;
  note: string;
  key: string | null;
  saidBy: string;
  saidAt: string;
  behind: number;
  withdrawn: string | null;
  /** What the newest edition asks of them; null where that cannot be said. */
  asks: { changes: number; breaks: boolean } | null;
};

type Props = {
  specId: string;
  address: string;
  newest: string | null;
  versions: readonly string[];
  mayNote: boolean;
  followers: readonly ListedFollower[];
};

/** Products and repositories that have said on which edition they build. */
export function FollowersPage({ specId, address, newest, versions, mayNote, followers }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const remove = async (id: string): Promise<void> => {
    const answer = await send('DELETE', `/api/specs/${specId}/followers/${id}`);
    setProblem(answer.ok ? null : answer.problem);
    router.refresh();
  };
  return (
    <>
      <h1>Followers</h1>
      <p className="soft">
        A product or repository that builds on an edition is noted here by hand, or says so itself: ypsiline pull with{' '}
        <code>--follow NAME</code>.
      </p>
      <Problem says={problem} />
      {followers.length === 0 ? (
        <Empty>Nobody has said yet that they build on an edition.</Empty>
      ) : (
        <div className={styles.scroll}>
          <NumberTable of="words">
            <thead>
              <tr>
                <th scope="col">Who</th>
                <th scope="col">Builds on</th>
                <th scope="col">Behind</th>
                <th scope="col">The newest asks of them</th>
                <th scope="col">Said by</th>
                <th scope="col">
                  <span className="visually-hidden">Remove</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {followers.map((follower) => (
                <tr key={follower.id}>
                  <th scope="row">
                    {follower.name}
                    {follower.note && <p className="soft">{follower.note}</p>}
                  </th>
                  <td>
                    <Link className="number" href={`${address}/editions/${follower.version}`}>
                      {follower.version}
                    </Link>
                    {follower.withdrawn && <p className={styles.must}>withdrawn: {follower.withdrawn}</p>}
                  </td>
                  <td>{follower.behind === 0 ? 'on the newest' : counted(follower.behind, 'edition')}</td>
                  <td>
                    <Asks follower={follower} newest={newest} address={address} />
                  </td>
                  <td className="soft">
                    {follower.key ?? follower.saidBy}, <Moment at={follower.saidAt} />
                  </td>
                  <td>
                    {mayNote && (
                      <Button
                        look="quiet"
                        aria-label={`Remove ${follower.name}`}
                        onClick={() => void remove(follower.id)}
                      >
                        Remove
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </NumberTable>
        </div>
      )}
      {mayNote && versions.length > 0 && <NoteFollower specId={specId} versions={versions} />}
    </>
  );
}

function Asks({
  follower: { version, asks },
  newest,
  address,
}: {
  follower: ListedFollower;
  newest: string | null;
  address: string;
}) {
  if (!newest || !asks || asks.changes === 0) return <span className="soft">nothing</span>;
  return (
    <Link href={`${address}/comparison?before=${version}&after=${newest}`}>
      {counted(asks.changes, 'change')}
      {asks.breaks && <span className={styles.must}>, built pages break</span>}
    </Link>
  );
}

type Fields = { name: string; version: string; note: string };

function NoteFollower({ specId, versions }: { specId: string; versions: readonly string[] }) {
  const router = useRouter();
  const isAwake = useAwake();
  const { register, handleSubmit, setError, reset, formState } = useForm<Fields>({
    defaultValues: { name: '', version: versions[0] ?? '', note: '' },
  });
  const note = async (fields: Fields): Promise<void> => {
    const answer = await send('POST', `/api/specs/${specId}/followers`, fields);
    if (!answer.ok) return setError('name', { message: answer.problem });
    reset();
    router.refresh();
  };
  return (
    <form className={styles.form} onSubmit={handleSubmit(note)} noValidate aria-labelledby="note-title">
      <h2 id="note-title">Note a follower</h2>
      <Field
        label="Product or repository"
        autoComplete="off"
        error={formState.errors.name?.message}
        {...register('name', { required: 'A follower needs a name, such as Booking site.' })}
      />
      <div className="field">
        <Label htmlFor="follower-version">Builds on</Label>
        <Select id="follower-version" className="number" {...register('version')}>
          {versions.map((version) => (
            <option key={version}>{version}</option>
          ))}
        </Select>
      </div>
      <Field label="Note" required={false} autoComplete="off" {...register('note')} />
      <Button type="submit" disabled={!isAwake || formState.isSubmitting}>
        Note it
      </Button>
    </form>
  );
}
