import type { Solution } from '../../core/finder/search';
import { spanWidth } from '../../core/columns/columns-at';
import { px } from '../../core/length/px';
import type { Columns } from '../../core/spec/schema';
import { GridStrip } from '../drawing/grid-strip';
import styles from './finder.module.scss';
import { Button } from '../parts/button';

type Props = {
  solutions: Solution[];
  outer: Columns['outer'];
  onTake: (solution: Solution) => void;
  onRemove: (solution: Solution) => void;
};

const WIDEST = 196;

/** Up to four solutions side by side, with the spans that matter. */
export function Shortlist({ solutions, outer, onTake, onRemove }: Props) {
  const widest = Math.max(...solutions.map(({ width }) => width));
  return (
    <section className={styles.shortlist} aria-label="Compare">
      {solutions.map((solution, index) => {
        const { width, count, column, gutter, container, margin } = solution;
        const span = (part: number): string =>
          count % part === 0
            ? String(spanWidth({ column: px(column), gutter: px(gutter) }, count / part).valueOf())
            : '–';
        return (
          <article key={index}>
            <GridStrip
              grid={{ width, margin, count, column, gutter, inset: outer === 'half' ? gutter / 2 : 0 }}
              scale={WIDEST / widest}
            />
            <strong className="number">
              {count} × {column}, gutter {gutter}
            </strong>
            <dl className="number">
              <dt>container</dt>
              <dd>{container}</dd>
              <dt>half</dt>
              <dd>{span(2)}</dd>
              <dt>third</dt>
              <dd>{span(3)}</dd>
              <dt>quarter</dt>
              <dd>{span(4)}</dd>
            </dl>
            <Button look="quiet" data-edits onClick={() => onTake(solution)}>
              Use this grid
            </Button>{' '}
            <Button look="quiet" onClick={() => onRemove(solution)}>
              Undo
            </Button>
          </article>
        );
      })}
    </section>
  );
}
