'use client';

import dynamic from 'next/dynamic';
import { byWidth, shownWidth } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { useDraft, useView } from '../draft/draft-context';
import { useSize } from '../frame/use-size';
import type { Shown } from './layout-head';
import styles from './layouts.module.scss';
import { PageDrawing } from './page-drawing';
import type { ChosenBlocks } from './use-chosen';

type Props = {
  team: string;
  layout: Layout;
  shown: Shown;
  breakpoint: Breakpoint;
  chosen: ChosenBlocks;
  say: (problem: string | null) => void;
};

// its style sheet is worked out only where it is looked at
const LivePage = dynamic(() => import('./live-page').then((file) => file.LivePage), { ssr: false });

const PAD = 16;

/** The page at the viewport marker, or at every breakpoint at one scale. */
export function Pages({ team, layout, shown, breakpoint, chosen, say }: Props) {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const [box, { width }] = useSize<HTMLDivElement>();
  const breakpoints = byWidth(document.breakpoints);
  const widths = breakpoints.map((each) => shownWidth(document, each));
  const together = widths.reduce((sum, each) => sum + each, 0);
  const scale =
    shown === 'all'
      ? Math.max(0.08, (width - PAD * (breakpoints.length + 1)) / together)
      : Math.min(1, Math.max(0.05, (width - PAD * 2) / viewport));
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
        <PageDrawing {...{ layout, breakpoint, viewport, scale, chosen, say }} isAlone />
      )}
      {width > 0 && shown === 'live' && <LivePage team={team} layout={layout} room={width - PAD * 3} />}
      {width > 0 &&
        shown === 'all' &&
        breakpoints.map((each, index) => (
          <figure key={each.id}>
            <figcaption>
              {each.name} <span className="number">{widths[index]}</span>
            </figcaption>
            <PageDrawing
              {...{ layout, scale, chosen, say }}
              isAlone={false}
              breakpoint={each}
              viewport={widths[index]!}
            />
          </figure>
        ))}
    </div>
  );
}
