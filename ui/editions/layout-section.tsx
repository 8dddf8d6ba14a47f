import { LAYOUT_SAYS, layoutTable, WHITE_SPACE_SAYS, whiteSpaceTable } from '../../core/edition/layout-table';
import { byWidth, shownWidth } from '../../core/spec/ranges';
import type { Layout, Spec } from '../../core/spec/schema';
import { LayoutDrawing } from '../drawing/layout-drawing';
import { ReadTableView } from './read-table';
import styles from './reading.module.scss';

/** As wide as all drawings of a layout are together, in px of the page. */
const TOGETHER = 960;

/** A trial layout for its readers: drawn at every breakpoint at one scale, and every measure of its blocks. */
export function LayoutSection({ spec, layout }: { spec: Spec; layout: Layout }) {
  const breakpoints = byWidth(spec.breakpoints);
  const scale = Math.min(
    0.5,
    TOGETHER / breakpoints.reduce((sum, breakpoint) => sum + shownWidth(spec, breakpoint), 0),
  );
  return (
    <>
      <section className={styles.section} aria-labelledby={`layout-${layout.id}`}>
        <div className={styles.sectionHead}>
          <h2 id={`layout-${layout.id}`}>{layout.name}</h2>
          <span className="soft">trial layout, all at one scale</span>
        </div>
        {layout.notes && <p className={styles.notes}>{layout.notes}</p>}
        <div className={styles.layouts} tabIndex={0} role="group" aria-label={`${layout.name} at every breakpoint`}>
          {breakpoints.map((breakpoint) => (
            <figure key={breakpoint.id}>
              <LayoutDrawing {...{ spec, layout, breakpoint, scale }} />
              <figcaption className="soft">{breakpoint.name}</figcaption>
            </figure>
          ))}
        </div>
      </section>
      <ReadTableView
        id={`layout-${layout.id}-blocks`}
        title={`Blocks of ${layout.name}`}
        says={LAYOUT_SAYS}
        table={layoutTable(spec, layout)}
      />
    </>
  );
}

/** White space over all layouts, by kind of gap. */
export function WhiteSpaceSection({ spec }: { spec: Spec }) {
  return <ReadTableView id="white-space" title="White space" says={WHITE_SPACE_SAYS} table={whiteSpaceTable(spec)} />;
}
