'use client';

import { useMemo, useRef, useState } from 'react';
import { bestMatches, type Findable } from '../../core/text/best-matches';
import styles from './reading.module.scss';
import { TextInput } from '../parts/text-input';
import { Button } from '../parts/button';

type Found = Findable & { element: HTMLElement; line?: number };

const MOST = 12;

/** Finds values, names, blocks, files and CSS on the page, and goes there. */
export function FindInPage() {
  const [sought, setSought] = useState('');
  // what Enter goes to is what was typed last, however fast
  const found = useMemo(() => (sought.trim() === '' ? [] : bestMatches(findables(), sought, MOST + 1)), [sought]);
  const marked = useRef<HTMLElement | null>(null);
  const go = ({ element, line }: Found): void => {
    marked.current?.removeAttribute('data-found');
    marked.current = element;
    element.setAttribute('data-found', '');
    if (line !== undefined) return goToLine(element, line);
    element.scrollIntoView({ block: 'center' });
    const stop = element.querySelector<HTMLElement>('button, a') ?? element;
    if (stop === element) element.tabIndex = -1;
    stop.focus({ preventScroll: true });
  };
  return (
    <search className={`${styles.find} no-print`}>
      <TextInput
        type="search"
        placeholder="Find: gutter desktop, 466, --grid-gutter…"
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
            <p className="soft">No match for “{sought.trim()}”.</p>
          ) : (
            <ul>
              {found.slice(0, MOST).map((hit, index) => (
                <li key={index}>
                  <Button look="quiet" onClick={() => go(hit)}>
                    <span className="soft">{hit.where}</span> {hit.names.join(', ')}{' '}
                    <span className="number">{hit.value}</span>
                  </Button>
                </li>
              ))}
              {found.length > MOST && <li className="soft">and more</li>}
            </ul>
          )}
        </div>
      )}
    </search>
  );
}

/** Everything on the page that can be found: each value under its row and its column, headings, rows of other tables, lines of CSS. */
function findables(): Found[] {
  return [...document.querySelectorAll<HTMLElement>('main section')].flatMap((section) => {
    const where = textOf(section.querySelector('h2'));
    const heading = section.querySelector<HTMLElement>('h2');
    const rows = [...section.querySelectorAll<HTMLTableRowElement>('tbody tr')];
    const lines = [...section.querySelectorAll<HTMLElement>('pre')].flatMap((element) =>
      (element.textContent ?? '').split('\n').flatMap((text, line) => {
        const value = text.trim();
        return value === '' || value === '}' ? [] : [{ where, names: [], value, element, line }];
      }),
    );
    return [
      ...(heading ? [{ where: '', names: [where], value: '', element: heading }] : []),
      ...rows.flatMap((row) => ofRow(row, where)),
      ...lines,
    ];
  });
}

/** A value of a row for each column that has a head of its own; else the row as a whole. */
function ofRow(row: HTMLTableRowElement, where: string): Found[] {
  const heads = [...(row.closest('table')?.querySelectorAll('thead tr:last-child > *') ?? [])].map(textOf);
  const cells = [...row.cells];
  const label = cells.find((cell) => cell.tagName === 'TH');
  const values = cells.filter((cell) => cell !== label && textOf(cell) !== '');
  if (!label || values.length === 0)
    return [{ where, names: label ? [textOf(label)] : [], value: cells.map(textOf).join(' '), element: row }];
  return values.map((element) => ({
    where,
    names: [textOf(label), heads[element.cellIndex] ?? ''].filter(Boolean),
    value: textOf(element),
    element,
  }));
}

/** What an element says, its parts apart. */
function textOf(element: Element | null): string {
  if (!element) return '';
  const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
  const texts: string[] = [];
  while (walker.nextNode()) texts.push(walker.currentNode.textContent?.trim() ?? '');
  // a fraction stands in an element of its own
  return texts
    .filter(Boolean)
    .join(' ')
    .replace(/(\d) (?=[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞⁰¹²³⁴⁵⁶⁷⁸⁹])/g, '$1');
}

/** Scrolls a text of several lines to one of them, and selects it. */
function goToLine(element: HTMLElement, line: number): void {
  const text = element.firstChild;
  const lines = (element.textContent ?? '').split('\n');
  const start = lines.slice(0, line).join('\n').length + (line > 0 ? 1 : 0);
  element.focus({ preventScroll: true });
  element.scrollIntoView({ block: 'center' });
  element.scrollTop = (element.scrollHeight / lines.length) * line - element.clientHeight / 2;
  if (text instanceof Text) getSelection()?.setBaseAndExtent(text, start, text, start + lines[line]!.length);
}
