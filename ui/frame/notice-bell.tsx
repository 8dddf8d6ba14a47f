'use client';

import { Bell } from 'lucide-react';
import { Link } from '../parts/link';
import { useEffect, useState } from 'react';
import { send } from './send';
import styles from './top-bar.module.scss';

/** How often it is asked whether there is something new, in ms. */
const EVERY_MS = 60_000;

/** The way to one’s notices, with how many are not read. */
export function NoticeBell() {
  const [unread, setUnread] = useState(0);
  useEffect(() => {
    const ask = async (): Promise<void> => {
      if (document.visibilityState === 'hidden') return;
      const answer = await send('GET', '/api/notices');
      if (answer.ok) setUnread(answer.body.unread);
    };
    void ask();
    const timer = setInterval(() => void ask(), EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  const words = unread === 0 ? 'Notices' : `Notices, ${unread} unread`;
  return (
    <Link className={styles.account} href="/notices" aria-label={words} title={words}>
      <Bell size={17} aria-hidden />
      {unread > 0 && <span className={styles.unread}>{unread > 99 ? '99+' : unread}</span>}
    </Link>
  );
}
