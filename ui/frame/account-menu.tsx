'use client';

import { CircleUserRound } from 'lucide-react';
import Dropdown from 'react-bootstrap/Dropdown';
import styles from './top-bar.module.scss';

const THEMES = [
  { id: 'light', title: 'Light' },
  { id: 'dark', title: 'Dark' },
  { id: null, title: 'As the system has it' },
] as const;

function setTheme(theme: 'light' | 'dark' | null): void {
  if (theme) localStorage.setItem('ypsiline:theme', theme);
  else localStorage.removeItem('ypsiline:theme');
  const dark = matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.bsTheme = theme ?? (dark ? 'dark' : 'light');
}

/** Who is signed in, light or dark, sign-out. */
export function AccountMenu({ person }: { person: string }) {
  return (
    <Dropdown align="end">
      <Dropdown.Toggle bsPrefix={styles.account} as="button" aria-label={`Account of ${person}`}>
        <CircleUserRound size={18} aria-hidden />
      </Dropdown.Toggle>
      <Dropdown.Menu>
        <Dropdown.Header>{person}</Dropdown.Header>
        {THEMES.map(({ id, title }) => (
          <Dropdown.Item as="button" key={title} onClick={() => setTheme(id)}>
            {title}
          </Dropdown.Item>
        ))}
        <Dropdown.Divider />
        <form action="/api/session/end" method="post">
          <Dropdown.Item as="button" type="submit">
            Sign out
          </Dropdown.Item>
        </form>
      </Dropdown.Menu>
    </Dropdown>
  );
}
