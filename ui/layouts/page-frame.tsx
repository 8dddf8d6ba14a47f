'use client';

import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { columnsAt } from '../../core/columns/columns-at';
import { ZERO } from '../../core/length/px';
import { layoutCssAt } from '../../core/formats/layout/layout-css';
import { cssOfScreen } from '../../core/formats/layout/of-screen';
import { layoutBody } from '../../core/formats/layout/layout-html';
import type { DrawnBlock } from '../../core/layouts/proof';
import type { Direction } from '../../core/length/direction';
import { oncePer } from '../../core/length/once-per';
import type { Breakpoint, Layout, Spec } from '../../core/spec/schema';
import { heldCss, type HeldPage } from './held-css';
import { frameBase } from '../type/frame-base';
import styles from './layouts.module.scss';
import type { OwnPicture } from './own-pictures';
import { type Typed, useTyping } from './use-typing';

type Props = {
  team: string;
  spec: Spec;
  layout: Layout;
  breakpoint: Breakpoint;
  /** Where blocks stand while one of them is held; null: the style sheet says it. */
  held: HeldPage | null;
  viewport: number;
  height: number;
  /** How high the screen is; the frame is as high as the whole page. */
  tall: number;
  scale: number;
  direction: Direction;
  /** Pictures of one’s own, by the ids of their blocks. */
  pictures: Readonly<Record<string, OwnPicture>>;
  /** The block whose words are typed. */
  typing: string | null;
  onTyped: (typed: Typed) => boolean;
  /** Where a browser drew the blocks, after each change and when the fonts are there. */
  onDrawn: (drawn: DrawnBlock[]) => void;
};

/** The page as it is built: its own HTML and CSS, in a frame without scripts. What changes is put in its place there; nothing is loaded anew. */
export const PageFrame = memo(function PageFrame(props: Props) {
  const {
    team,
    spec,
    layout,
    breakpoint,
    held,
    viewport,
    height,
    tall,
    scale,
    direction,
    pictures,
    typing,
    onTyped,
    onDrawn,
  } = props;
  const frame = useRef<HTMLIFrameElement>(null);
  const [loaded, setLoaded] = useState(0);
  const css = useMemo(() => cssOfScreen(layoutCssAt(spec, layout, breakpoint), tall), [spec, layout, breakpoint, tall]);
  const fonts = useMemo(() => frameBase(spec, team), [spec, team]);
  const start = useMemo(() => columnsAt(spec, breakpoint, viewport).frameStart, [spec, breakpoint, viewport]);
  const body = bodyOf(spec, layout);
  const there = useRef('');
  const typed = useRef<string | null>(null);
  const told = useRef(onDrawn);
  told.current = onDrawn;

  useEffect(() => {
    const inside = frame.current?.contentDocument;
    if (!inside || loaded === 0) return;
    inside.documentElement.dir = direction;
    put(inside, 'fonts', fonts);
    put(inside, 'css', css);
    put(inside, 'held', held ? heldCss(held, { x: start, y: held.before.sections[0]?.top ?? ZERO }) : '');
    // words that are being typed stay where they are
    if (there.current !== body && (typing === null || typed.current !== typing)) {
      inside.body.innerHTML = body;
      there.current = body;
    }
    typed.current = typing;
    // buttons and fields of the page are looked at, and handled over it
    inside.body.inert = typing === null;
    hang(inside, pictures);
    if (held) return;
    let isGone = false;
    const measure = (): void => {
      if (!isGone) told.current(drawnIn(inside, direction));
    };
    const next = requestAnimationFrame(measure);
    void inside.fonts.ready.then(measure);
    return () => {
      isGone = true;
      cancelAnimationFrame(next);
    };
  }, [loaded, body, css, held, fonts, direction, viewport, typing, pictures]);
  useTyping(frame, loaded > 0 ? typing : null, onTyped);

  return (
    <iframe
      ref={frame}
      className={styles.built}
      title={`${layout.name}, as built at ${viewport} px`}
      sandbox="allow-same-origin"
      srcDoc={EMPTY}
      tabIndex={-1}
      data-typing={typing !== null || undefined}
      style={{ width: viewport, height, transform: `scale(${scale})` }}
      onLoad={() => {
        there.current = '';
        setLoaded((times) => times + 1);
      }}
    />
  );
});

const EMPTY =
  '<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><style id="fonts"></style><style id="css"></style><style id="held"></style></head><body></body></html>';
const bodyOf = oncePer((spec: Spec, layout: Layout) => layoutBody(spec, [layout]));

/** Hangs pictures of one’s own over the drawings, which come back where a picture goes. */
function hang(inside: Document, pictures: Props['pictures']): void {
  for (const block of inside.querySelectorAll<HTMLElement>('[data-holds=picture]')) {
    const own = pictures[block.dataset['block']!];
    const there = block.querySelector('img');
    if (!own) {
      there?.remove();
      continue;
    }
    const image = there ?? block.appendChild(inside.createElement('img'));
    if (image.src !== own.url) image.src = own.url;
    image.alt = '';
    image.style.objectFit = own.fit;
    image.style.objectPosition = `${own.across}% ${own.down}%`;
    image.style.background = '#fff';
  }
}

function put(inside: Document, id: string, css: string): void {
  const style = inside.getElementById(id)!;
  if (style.textContent !== css) style.textContent = css;
}

function drawnIn(inside: Document, direction: Direction): DrawnBlock[] {
  const { clientWidth: wide } = inside.documentElement;
  return [...inside.querySelectorAll<HTMLElement>('[data-block]')].map((box) => {
    const { left, right, top, width, height } = box.getBoundingClientRect();
    return { id: box.dataset['block']!, x: direction === 'ltr' ? left : wide - right, y: top, width, height };
  });
}
