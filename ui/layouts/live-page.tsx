'use client';

import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from 'react';
import { cssName } from '../../core/formats/grid-css/type-css';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { layoutHtml } from '../../core/formats/layout/layout-html';
import { offEdges, type DrawnBlock } from '../../core/layouts/proof';
import { solveLayout } from '../../core/layouts/solve-layout';
import { counted } from '../../core/length/present';
import { breakpointAt } from '../../core/spec/ranges';
import type { Font, Layout, Spec } from '../../core/spec/schema';
import { layOverlays } from './live-overlay';
import { useDraft, useView } from '../draft/draft-context';
import { fontAddress } from '../type/font-address';
import styles from './layouts.module.scss';

type Props = { team: string; layout: Layout; room: number };

const [NARROWEST, WIDEST] = [240, 3840];
const ORIGIN = { version: 'draft', published: 'not yet', sha256: 'none' };
const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -100, PageUp: 100 };

/** The page as it is built: its own HTML and CSS in a frame, as wide as one drags it, and every block measured there. */
export function LivePage({ team, layout, room }: Props) {
  const spec = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const show = useView((view) => view.show);
  const overlays = useView((view) => view.overlays);
  const frame = useRef<HTMLIFrameElement>(null);
  const [loaded, setLoaded] = useState(0);
  const width = Math.min(WIDEST, Math.max(NARROWEST, viewport));
  const height = breakpointAt(spec, width).reference.height;
  const scale = Math.min(1, room / width);
  const css = useMemo(() => layoutCss(spec, ORIGIN, [layout]), [spec, layout]);
  const page = useMemo(
    () =>
      layoutHtml(
        spec,
        [layout],
        `html { font-size: ${spec.rootFontSize}px; scrollbar-width: none; }\n${faces(spec, team)}\n${css}`,
      ),
    [spec, layout, css, team],
  );
  const solved = useMemo(() => solveLayout(spec, layout, width, height), [spec, layout, width, height]);
  const [off, setOff] = useState<ReturnType<typeof offEdges> | null>(null);

  useEffect(() => {
    const inside = frame.current?.contentDocument;
    if (!inside || loaded === 0) return;
    let isGone = false;
    const measure = (): void => {
      if (!isGone) setOff(offEdges(solved, measured(inside)));
    };
    // once the frame has its new width, and again when its fonts are there
    const next = requestAnimationFrame(measure);
    void inside.fonts.ready.then(measure);
    return () => {
      isGone = true;
      cancelAnimationFrame(next);
    };
  }, [solved, loaded]);
  useEffect(() => {
    const inside = frame.current?.contentDocument;
    if (inside && loaded > 0) layOverlays(inside, spec, solved, overlays);
  }, [spec, solved, overlays, loaded]);

  const bind = useDrag(({ delta: [x] }) => show(Math.min(WIDEST, Math.max(NARROWEST, width + (x / scale) * 2))), {
    axis: 'x',
    pointer: { keys: false },
  });
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    show(Math.min(WIDEST, Math.max(NARROWEST, width + step * (event.shiftKey ? 10 : 1))));
  };
  return (
    <div className={styles.live}>
      <p className={styles.proof} role="status" data-off={(off?.length ?? 0) > 0 || undefined}>
        {off === null
          ? 'Measuring…'
          : off.length === 0
            ? `At ${width} px all ${counted(solved.blocks.length * 4, 'edge')} match.`
            : `At ${width} px ${off.slice(0, 3).join('; ')}${off.length > 3 ? `; and ${off.length - 3} more` : ''}.`}
      </p>
      <div className={styles.frame} style={{ width: width * scale, height: height * scale }}>
        <iframe
          ref={frame}
          title={`${layout.name}, live`}
          sandbox="allow-same-origin"
          srcDoc={page}
          style={{ width, height, transform: `scale(${scale})` }}
          onLoad={() => setLoaded((times) => times + 1)}
        />
        <div
          className={styles.grip}
          role="slider"
          tabIndex={0}
          aria-label="Width of the page"
          aria-valuemin={NARROWEST}
          aria-valuemax={WIDEST}
          aria-valuenow={width}
          aria-valuetext={`${width} px`}
          onKeyDown={onKeyDown}
          {...bind()}
        />
      </div>
    </div>
  );
}

/** The fonts of the spec’s styles, from the team’s files. */
function faces({ type }: Spec, team: string): string {
  const fonts = new Map<string, Font>(type.map(({ font }) => [font.file, font]));
  return [...fonts.values()]
    .map(
      (font) =>
        `@font-face { font-family: '${cssName(font.family)}'; src: url('${fontAddress(team, font)}'); font-weight: ${font.weight ?? 400}; font-style: ${font.italic ? 'italic' : 'normal'}; }`,
    )
    .join('\n');
}

function measured(inside: Document): DrawnBlock[] {
  const from = inside.querySelector('.layout')?.getBoundingClientRect();
  if (!from) return [];
  return [...inside.querySelectorAll<HTMLElement>('[data-block]')].map((box) => {
    const { left, top, width, height } = box.getBoundingClientRect();
    return { id: box.dataset['block']!, x: left - from.left, y: top - from.top, width, height };
  });
}
