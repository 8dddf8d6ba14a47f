'use client';

import { type ReactNode, useEffect, useState } from 'react';
import { cssOfScreen } from '../../core/formats/layout/of-screen';
import type { Direction } from '../../core/length/direction';
import styles from './reading.module.scss';

type Files = { html: string; css: string };

type Props = {
  /** Where the edition’s files are. */
  address: string;
  layout: string;
  /** What the page is called: `Front page, Phone`. */
  name: string;
  /** In px of the page; `tall` is the screen. */
  width: number;
  height: number;
  tall: number;
  scale: number;
  /** Fonts and root font size. */
  base: string;
  /** A drawing of the page, until its files are there, and where there are none. */
  children: ReactNode;
};

/** Files of editions never change: each is asked for once. */
const asked = new Map<string, Promise<Files | null>>();

/** A layout as it is built, from the edition’s own `layout.html` and `layout.css`, in a frame without scripts. */
export function BuiltPage({ address, layout, name, width, height, tall, scale, base, children }: Props) {
  const [page, setPage] = useState<string | null>(null);
  const direction = useShownDirection();
  useEffect(() => {
    let isGone = false;
    const files = asked.get(address) ?? filesAt(address);
    asked.set(address, files);
    void files.then((found) => {
      if (!isGone && found) setPage(pageOf(found, { layout, tall, base, direction }));
    });
    return () => {
      isGone = true;
    };
  }, [address, layout, tall, base, direction]);
  if (page === null) return children;
  return (
    <div className={styles.built} style={{ width: width * scale, height: height * scale }}>
      <iframe
        title={name}
        sandbox="allow-same-origin"
        srcDoc={page}
        tabIndex={-1}
        loading="lazy"
        style={{ width, height, transform: `scale(${scale})` }}
      />
    </div>
  );
}

/** What the reading page’s switch says: drawings are mirrored by its style sheet, pages are read so. */
function useShownDirection(): Direction {
  const [direction, setDirection] = useState<Direction>('ltr');
  useEffect(() => {
    const box = document.getElementById('rtl') as HTMLInputElement | null;
    const follow = (): void => setDirection(box?.checked ? 'rtl' : 'ltr');
    follow();
    box?.addEventListener('change', follow);
    return () => box?.removeEventListener('change', follow);
  }, []);
  return direction;
}

async function filesAt(address: string): Promise<Files | null> {
  try {
    const [html, css] = await Promise.all(
      ['layout.html', 'layout.css'].map(async (file) => {
        const answer = await fetch(`${address}/${file}`);
        if (!answer.ok) throw new Error(file);
        return answer.text();
      }),
    );
    return { html: html!, css: css! };
  } catch {
    return null;
  }
}

type PageProps = Pick<Props, 'layout' | 'tall' | 'base'> & { direction: Direction };

/** One of the layouts as a page of its own; null where the edition’s file does not have it. */
function pageOf({ html, css }: Files, { layout, tall, base, direction }: PageProps): string | null {
  const page = new DOMParser().parseFromString(html, 'text/html');
  if (!page.getElementById(layout)) return null;
  page.querySelectorAll('link, style').forEach((each) => each.remove());
  page.querySelectorAll('.layout').forEach((each) => each.id !== layout && each.remove());
  page.documentElement.dir = direction;
  const style = page.createElement('style');
  style.textContent = `${base}\n${cssOfScreen(css, tall)}`;
  page.head.append(style);
  return `<!DOCTYPE html>${page.documentElement.outerHTML}`;
}
