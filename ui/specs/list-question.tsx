'use client';

import { SAID } from '../../core/limits';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { Asked } from './list-address';
import styles from './spec-list.module.scss';
import { Select } from '../parts/select';
import { TextInput } from '../parts/text-input';

type Props = { asked: Asked; address: (change: Partial<Asked>) => string };

const SORTS: { value: Asked['sort']; title: string }[] = [
  { value: 'changed', title: 'last edited' },
  { value: 'name', title: 'name' },
  { value: 'must-fix', title: 'most to fix' },
];

const PAUSE_MS = 200;

/** The search by name, a moment after each letter, and the order. */
export function ListQuestion({ asked, address }: Props) {
  const router = useRouter();
  const [sought, setSought] = useState(asked.sought);
  const newest = useRef(address);
  useEffect(() => {
    newest.current = address;
  });
  useEffect(() => {
    if (sought.trim() === asked.sought.trim()) return;
    const timer = setTimeout(() => router.replace(newest.current({ sought }), { scroll: false }), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [sought, asked.sought, router]);

  return (
    <>
      <Select
        className={styles.sort}
        aria-label="Sort by"
        value={asked.sort}
        onChange={(event) => router.replace(address({ sort: event.target.value as Asked['sort'] }))}
      >
        {SORTS.map(({ value, title }) => (
          <option key={value} value={value}>
            {title}
          </option>
        ))}
      </Select>
      <TextInput
        type="search"
        placeholder="Search name"
        aria-label="Search name"
        maxLength={SAID.search}
        value={sought}
        onChange={(event) => setSought(event.target.value)}
      />
    </>
  );
}
