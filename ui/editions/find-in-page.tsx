'use client';

import { useEffect, useRef, useState } from 'react';
import styles from './reading.module.scss';

type Found = { text: string; where: string; element: HTMLElement };

const MOST = 12;

/** Finds values, blocks and files on the page by what stands in their row, and goes there. */
export function FindInPage() {
  const [sought, setSought] = useState('');
  const [found, setFound] = useState<Found[]>([]);
  const marked = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const words = sought.trim().toLowerCase().split(/\s+/).filter(Boolean);
    if (words.length === 0) return setFound([]);
    const rows = document.querySelectorAll<HTMLElement>('main section tbody tr, main section h2');
    const hits: Found[] = [];
    for (const element of rows) {
      const where = element.closest('section')?.querySelector('h2')?.textContent ?? '';
      const text =
        [...element.children]
          .map((child) => child.textContent?.trim())
          .filter(Boolean)
          .join('  ') ||
        (element.textContent ?? '');
      if (words.every((word) => `${where} ${text}`.toLowerCase().includes(word))) hits.push({ text, where, element });
      if (hits.length > MOST) break;
    }
    setFound(hits);
  }, [sought]);

  const go = ({ element }: Found): void => {
    marked.current?.removeAttribute('data-found');
    marked.current = element;
    element.setAttribute('data-found', '');
    element.scrollIntoView({ block: 'center' });
    const stop = element.querySelector<HTMLElement>('button, a') ?? element;
    if (stop === element) element.tabIndex = -1;
    stop.focus({ preventScroll: true });
  };
  return (
    <search className={`${styles.find} no-print`}>
      <input
        type="search"
        className="form-control"
        placeholder="Find on this page: gutter, span 4, tokens…"
        aria-label="Find on this page"
        value={sought}
        onChange={({ target }) => setSought(target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && found[0]) {
            event.preventDefault();
            go(found[0]);
          }
        }}
      />
      {sought.trim() !== '' && (
        <div role="status">
          {found.length === 0 ? (
            <p className="soft">Nothing on this page has “{sought.trim()}”.</p>
          ) : (
            <ul>
              {found.slice(0, MOST).map((hit, index) => (
                <li key={index}>
                  <button type="button" className="quiet" onClick={() => go(hit)}>
                    <span className="soft">{hit.where}</span> <span className="number">{hit.text}</span>
                  </button>
                </li>
              ))}
              {found.length > MOST && <li className="soft">and more; type another word</li>}
            </ul>
          )}
        </div>
      )}
    </search>
  );
}
