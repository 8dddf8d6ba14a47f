'use client';

import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { useForm } from 'react-hook-form';
import { counted } from '../../core/length/present';
import { Moment } from '../frame/moment';
import { send } from '../frame/send';
import { useAwake } from '../frame/use-awake';
import { Field } from '../parts/field';
import { PageHead } from '../parts/page-head';
import { Problem } from '../parts/problem';
import { type Column, RecordTable } from '../parts/record-table';
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
  asks: { changes: number; breaks: boolean; drawing: ReactNode } | null;
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
      <PageHead title="Followers">
        Products and repositories that build on this specification. Add them here, or let a build report itself with{' '}
        <code>ypsiline pull --follow NAME</code>.
      </PageHead>
      <Problem says={problem} />
      <RecordTable
        label="Followers"
        records={followers}
        columns={columnsOf(address, newest)}
        acts={({ id, name }) =>
          mayNote && (
            <Button look="quiet" aria-label={`Remove ${name}`} onClick={() => void remove(id)}>
              Remove
            </Button>
          )
        }
        empty="No followers yet. Add the products that build on an edition to see what an update would change for them."
      />
      {mayNote && versions.length > 0 && <AddFollower specId={specId} versions={versions} />}
    </>
  );
}

const columnsOf = (address: string, newest: string | null): Column<ListedFollower>[] => [
  {
    head: 'Name',
    says: ({ name, note }) => (
      <>
        {name}
        {note && <p className={styles.note}>{note}</p>}
      </>
    ),
  },
  {
    head: 'Builds on',
    says: ({ version, withdrawn }) => (
      <>
        <Link className="number" href={`${address}/editions/${version}`}>
          {version}
        </Link>
        {withdrawn && <span className={styles.must}> withdrawn: {withdrawn}</span>}
      </>
    ),
  },
  { head: 'Behind', says: ({ behind }) => (behind === 0 ? 'up to date' : counted(behind, 'edition')) },
  {
    head: 'Effect of updating',
    says: (follower) => <Asks follower={follower} newest={newest} address={address} />,
  },
  {
    head: 'Added by',
    says: ({ key, saidBy, saidAt }) => (
      <>
        {key ?? saidBy}, <Moment at={saidAt} />
      </>
    ),
  },
];

function Asks({
  follower: { version, asks },
  newest,
  address,
}: {
  follower: ListedFollower;
  newest: string | null;
  address: string;
}) {
  if (!newest || !asks || asks.changes === 0) return <span className="soft">none</span>;
  return (
    <Link className={styles.asks!} href={`${address}/comparison?before=${version}&after=${newest}`}>
      {asks.drawing}
      {counted(asks.changes, 'change')}
      {asks.breaks && <span className={styles.must}>, breaking</span>}
    </Link>
  );
}

type Fields = { name: string; version: string; note: string };

function AddFollower({ specId, versions }: { specId: string; versions: readonly string[] }) {
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
    <form className={styles.form} onSubmit={handleSubmit(note)} noValidate aria-labelledby="add-title">
      <h2 id="add-title">Add follower</h2>
      <Field
        label="Product or repository"
        autoComplete="off"
        error={formState.errors.name?.message}
        {...register('name', { required: 'Enter a name, such as Booking site.' })}
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
        Add follower
      </Button>
    </form>
  );
}
