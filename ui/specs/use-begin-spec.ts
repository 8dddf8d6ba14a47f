'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { SentTo } from '../../app/api/sent';
import { send } from '../frame/send';

type Wanted = SentTo<'POST', `/api/teams/${string}/specs`>;

/** Makes a specification of a document or a starting set and opens it; why not, where the server refuses. */
export function useBeginSpec(team: string): { isBusy: boolean; begin: (wanted: Wanted) => Promise<string | null> } {
  const router = useRouter();
  const [isBusy, setBusy] = useState(false);
  const begin = async (wanted: Wanted): Promise<string | null> => {
    setBusy(true);
    const answer = await send('POST', `/api/teams/${team}/specs`, wanted);
    setBusy(false);
    if (!answer.ok) return answer.problem;
    router.push(`/${team}/${answer.body.slug}`);
    return null;
  };
  return { isBusy, begin };
}
