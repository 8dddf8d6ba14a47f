'use client';

import { byWidth, shownWidth } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { useDraft, useView } from '../draft/draft-context';
import { useSize } from '../frame/use-size';
import type { Shown } from './layout-head';
import styles from './layouts.module.scss';
import { PageDrawing } from './page-drawing';
import type { ChosenBlocks } from './use-chosen';
import { useOwnZoom } from './use-own-zoom';
import { WidthGrip } from './width-grip';

type Props = {
  team: string;
  layout: Layout;
  shown: Shown;
  breakpoint: Breakpoint;
  chosen: ChosenBlocks;
  say: (problem: string | null) => void;
  /** The block whose words are typed. */
  typing: string | null;
  onType: (block: string | null) => void;
};

const PAD = 16;

/** The page at the viewport marker, or at every breakpoint at one scale. */
export function Pages({ team, layout, shown, breakpoint, chosen, say, typing, onType }: Props) {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const [box, { width }] = useSize<HTMLDivElement>();
  const breakpoints = byWidth(document.breakpoints);
  const widths = breakpoints.map((each) => shownWidth(document, each));
  const together = widths.reduce((sum, each) => sum + each, 0);
  const fits = Math.min(1, Math.max(0.05, (width - PAD * 3) / viewport));
  const zoom = useOwnZoom(box, { x: width / 2, y: 0, whole: fits });
  const scale =
    shown === 'all' ? Math.max(0.08, (width - PAD * (breakpoints.length + 1)) / together) : zoom === 'whole' ? fits : zoom; // prettier-ignore
  return (
    <div
      ref={box}
      className={styles.desk}
      data-shown={shown}
      role="group"
      tabIndex={0}
      aria-label={`${layout.name} on the grid`}
    >
      {width > 0 && shown === 'one' && (
        <div className={styles.alone} style={{ width: viewport * scale }}>
          <PageDrawing {...{ team, layout, breakpoint, viewport, scale, chosen, say, typing, onType }} isAlone />
          <WidthGrip scale={scale} />
        </div>
      )}
      {width > 0 &&
        shown === 'all' &&
        breakpoints.map((each, index) => (
          <figure key={each.id}>
            <figcaption>
              {each.name} <span className="number">{widths[index]}</span>
            </figcaption>
            <PageDrawing
              {...{ team, layout, scale, chosen, say, onType }}
              // words are typed on the page of the breakpoint that is shown
              typing={each.id === breakpoint.id ? typing : null}
              isAlone={false}
              breakpoint={each}
              viewport={widths[index]!}
            />
          </figure>
        ))}
    </div>
  );
}
