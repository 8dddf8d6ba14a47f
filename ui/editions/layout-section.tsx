import { LAYOUT_SAYS, layoutTable, WHITE_SPACE_SAYS, whiteSpaceTable } from '../../core/edition/layout-table';
import { byWidth, shownWidth } from '../../core/spec/ranges';
import type { Layout, Spec } from '../../core/spec/schema';
import { solvedAt } from '../../core/layouts/solved-at';
import { LayoutDrawing } from '../drawing/layout-drawing';
import { frameBase } from '../type/frame-base';
import { BuiltPage } from './built-page';
import { ReadTableView } from './read-table';
import styles from './reading.module.scss';

/** As wide as all drawings of a layout are together, in px of the page. */
const TOGETHER = 960;

type Props = { spec: Spec; layout: Layout; team: string; address: string };

/** A trial layout for its readers: drawn at every breakpoint at one scale, and every measure of its blocks. */
export function LayoutSection({ spec, layout, team, address }: Props) {
  const breakpoints = byWidth(spec.breakpoints);
  const base = frameBase(spec, team);
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
              <BuiltPage
                {...{ address, scale, base }}
                layout={layout.id}
                name={`${layout.name}, ${breakpoint.name}`}
                width={shownWidth(spec, breakpoint)}
                height={Math.max(1, solvedAt(spec, layout, breakpoint).height.valueOf())}
                tall={breakpoint.reference.height}
              >
                <LayoutDrawing {...{ spec, layout, breakpoint, scale }} />
              </BuiltPage>
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
