'use client';

import { useMemo, useState } from 'react';
import { columnsAt } from '../../../core/columns/columns-at';
import { measureOf, WIDTH_NAMES } from '../../../core/spec/measure';
import { breakpointAt } from '../../../core/spec/ranges';
import { useDraft, useView } from '../../draft/draft-context';
import { WAY_KEYS } from '../../draft/preview-keys';
import { GuidesDialog } from '../guides/guides-dialog';
import { InksDialog } from '../inks/inks-dialog';
import { LeadingPanel } from '../leading/leading-panel';
import { SpacingPanel } from '../spacing/spacing-panel';
import { OneScreen } from './one-screen';
import { PageHeight } from './page-height';
import { PreviewTools } from './preview-tools';
import { SideBySide } from './side-by-side';
import { SpanTable } from './span-table';
import { SumLine } from './sum-line';
import { usePictures } from './ground/use-pictures';
import { footOf } from './ground/foot-of';
import { ViewportWidth } from './viewport-width';
import { Toggle } from '../../parts/toggle';
import styles from './preview.module.scss';

const WAYS = [
  { way: 'all', title: 'All screens', says: 'Show all breakpoints side by side' },
  { way: 'spans', title: 'Spans', says: 'Span widths: 1 column, 2 columns and so on' },
  { way: 'spacing', title: 'Spacing', says: 'Spacing scale and where it’s used' },
  { way: 'leading', title: 'Leading', says: 'Leadings that divide the page evenly' },
] as const;

/** The screen at the viewport marker, or every breakpoint at one scale; the sums of its widths and heights under it. */
export function Preview() {
  const document = useDraft((draft) => draft.document);
  const viewport = useView((view) => view.viewport);
  const previewed = useView((view) => view.previewed);
  const showAs = useView((view) => view.showAs);
  const breakpoint = breakpointAt(document, viewport);
  const solved = useMemo(() => columnsAt(document, breakpoint, viewport), [document, breakpoint, viewport]);
  const pictures = usePictures();
  const ground = useView((view) => view.ground);
  const picture = pictures.shown[breakpoint.id] ?? null;
  const given = useView((view) => view.pageHeights[breakpoint.id]);
  // a picture under the grid is seen down to its foot
  const page =
    given ?? Math.max(breakpoint.reference.height, ground === 'picture' && picture ? footOf(picture, solved) : 0);
  const [inks, setInks] = useState(false);
  const [guides, setGuides] = useState(false);
  const drawn = previewed === 'screen' || previewed === 'all';

  return (
    <section className={styles.panel} aria-label="Preview">
      <div className={styles.head}>
        <span>
          {WIDTH_NAMES[measureOf(document)].width} <ViewportWidth /> <span className="number">×</span>{' '}
          <PageHeight breakpoint={breakpoint} height={page} />
        </span>
        <span className="soft">{breakpoint.name}</span>
        <span className={styles.toggles}>
          {WAYS.map(({ way, title, says }) => (
            <Toggle
              key={way}

              isOn={previewed === way}
              onClick={() => showAs(way)}
              title={`${says} (${WAY_KEYS[way]})`}
            >
              {title}
            </Toggle>
          ))}
        </span>
      </div>
      {drawn && (
        <PreviewTools
          pictures={pictures}
          breakpoint={breakpoint.id}
          onInks={() => setInks(true)}
          onGuides={() => setGuides(true)}
        />
      )}
      {pictures.problem && (
        <p className={`problem ${styles.problem}`} role="alert">
          {pictures.problem}
        </p>
      )}
      {previewed === 'all' && <SideBySide pictures={pictures.shown} />}
      {previewed === 'spans' && <SpanTable name={breakpoint.name} solved={solved} />}
      {previewed === 'spacing' && <SpacingPanel />}
      {previewed === 'leading' && <LeadingPanel breakpoint={breakpoint} viewport={viewport} page={page} />}
      {previewed === 'screen' && (
        <OneScreen spec={document} breakpoint={breakpoint} solved={solved} page={page} picture={picture} />
      )}
      <SumLine breakpoint={breakpoint} solved={solved} page={page} />
      {guides && <GuidesDialog breakpoint={breakpoint} onClose={() => setGuides(false)} />}
      {inks && <InksDialog grounds={picture?.grounds ?? []} onClose={() => setInks(false)} />}
    </section>
  );
}
