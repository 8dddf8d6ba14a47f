'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../frame/send';
import { Problem } from '../parts/problem';
import styles from './people.module.scss';
import { Select } from '../parts/select';

type Props = { team: string; approvals: number; isOwner: boolean };

const CHOICES = [0, 1, 2, 3, 4, 5];

/** How many approvals a draft needs before it is published. */
export function ApprovalsField({ team, approvals, isOwner }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const change = async (count: number): Promise<void> => {
    const answer = await send('PATCH', `/api/teams/${team}`, { approvals: count });
    setProblem(answer.ok ? null : answer.problem);
    router.refresh();
  };
  if (!isOwner) return <p>{sentence(approvals)}</p>;
  return (
    <p className={styles.approvals}>
      <label htmlFor="approvals">Approvals needed to publish</label>
      <Select id="approvals" value={approvals} onChange={({ target }) => void change(Number(target.value))}>
        {(CHOICES.includes(approvals) ? CHOICES : [...CHOICES, approvals]).map((count) => (
          <option key={count} value={count}>
            {count === 0 ? 'none' : count}
          </option>
        ))}
      </Select>
      <Problem says={problem} />
    </p>
  );
}

function sentence(approvals: number): string {
  if (approvals === 0) return 'A draft can be published without an approval.';
  return `A draft needs ${approvals === 1 ? 'one approval' : `${approvals} approvals`} before it is published.`;
}
