'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Spec } from '../../core/spec/schema';
import { send } from '../frame/send';

/** Makes a specification of a document and opens it; why not, where the server refuses. */
export function useBeginSpec(team: string): { isBusy: boolean; begin: (document: Spec) => Promise<string | null> } {
  const router = useRouter();
  const [isBusy, setBusy] = useState(false);
  const begin = async (document: Spec): Promise<string | null> => {
    setBusy(true);
    const answer = await send('POST', `/api/teams/${team}/specs`, { document });
    setBusy(false);
    if (!answer.ok) return answer.problem;
    router.push(`/${team}/${answer.body.slug}`);
    return null;
  };
  return { isBusy, begin };
}
