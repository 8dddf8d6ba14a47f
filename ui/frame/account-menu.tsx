'use client';

import { CircleUserRound } from 'lucide-react';
import { BareButton } from '../parts/bare-button';
import styles from './top-bar.module.scss';

const THEMES = [
  { id: 'light', title: 'Light' },
  { id: 'dark', title: 'Dark' },
  { id: null, title: 'Match system' },
] as const;

function setTheme(theme: 'light' | 'dark' | null): void {
  if (theme) localStorage.setItem('ypsiline:theme', theme);
  else localStorage.removeItem('ypsiline:theme');
  const dark = matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.bsTheme = theme ?? (dark ? 'dark' : 'light');
}

/** Who is signed in, light or dark, sign-out. A native popover: it is on every page, and needs no library there. */
export function AccountMenu({ person }: { person: string }) {
  return (
    <>
      <BareButton className={styles.account} popoverTarget="account" aria-label={`Account of ${person}`}>
        <CircleUserRound size={18} aria-hidden />
      </BareButton>
      <div id="account" popover="auto" className={styles.menu}>
        <strong>{person}</strong>
        {THEMES.map(({ id, title }) => (
          <BareButton key={title} popoverTarget="account" popoverTargetAction="hide" onClick={() => setTheme(id)}>
            {title}
          </BareButton>
        ))}
        <a href="/guide/for-designers">Guide</a>
        <a href="/?all=1">Teams…</a>
        <a href="/account">Account…</a>
        <form action="/api/session/end" method="post">
          <BareButton type="submit">Sign out</BareButton>
        </form>
      </div>
    </>
  );
}
