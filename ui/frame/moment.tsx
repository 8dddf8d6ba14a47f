'use client';

import { formatDistanceToNowStrict } from 'date-fns/formatDistanceToNowStrict';
import { format } from 'date-fns/format';
import { useEffect, useState } from 'react';

/** A moment as a person says it: "3 hours ago", with the date and time on hover. */
export function Moment({ at }: { at: string }) {
  const [said, setSaid] = useState<string | null>(null);
  useEffect(() => setSaid(formatDistanceToNowStrict(new Date(at), { addSuffix: true })), [at]);
  return (
    <time dateTime={at} title={said ? format(new Date(at), 'd MMMM yyyy, HH:mm') : undefined}>
      {said ?? at.slice(0, 10)}
    </time>
  );
}
