'use client';

import { usePathname } from 'next/navigation';
import { useEffect } from 'react';

/** Keys that go to a view or on to publishing, and where the focus stands after going to a page. */
export function BarKeys() {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent): void => {
      if (!event.altKey || !event.shiftKey || event.ctrlKey || event.metaKey) return;
      if (document.querySelector('.modal.show')) return;
      // the place of the key: with Alt held, some systems write another letter
      const [, letter] = /^Key([A-Z])$/.exec(event.code) ?? [];
      const link = letter && document.querySelector<HTMLElement>(`header [data-key="${letter}"]`);
      if (!link) return;
      event.preventDefault();
      event.stopPropagation();
      link.click();
    };
    window.addEventListener('keydown', onKeyDown, { capture: true });
    return () => window.removeEventListener('keydown', onKeyDown, { capture: true });
  }, []);
  useFocusAfterGoing();
  return null;
}

/** The page that was shown last in this window, kept outside, since every page has a bar of its own. */
let lastShown: string | null = null;

/** After going from one page to another the focus stands at the new page's heading, where readers begin. */
function useFocusAfterGoing(): void {
  const pathname = usePathname();
  useEffect(() => {
    const isElsewhere = lastShown !== null && lastShown !== pathname;
    lastShown = pathname;
    if (!isElsewhere) return;
    const frame = requestAnimationFrame(() => {
      const main = document.querySelector('main');
      const isInside = main?.contains(document.activeElement) ?? false;
      const heading = main?.querySelector<HTMLElement>('h1') ?? main;
      if (!heading || isInside || document.querySelector('.modal.show')) return;
      heading.tabIndex = -1;
      heading.focus({ preventScroll: true });
    });
    return () => cancelAnimationFrame(frame);
  }, [pathname]);
}
