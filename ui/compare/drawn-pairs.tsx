import type { DrawnPair } from '../../core/comparison/compare-site';
import { GridStrip } from '../drawing/grid-strip';
import styles from './compare.module.scss';

const WIDEST = 900;

/** Both grids of each breakpoint under each other, at one scale. */
export function DrawnPairs({ pairs, version }: { pairs: readonly DrawnPair[]; version: string }) {
  if (pairs.length === 0) return null;
  const scale = WIDEST / Math.max(...pairs.map(({ page }) => page.width));
  return (
    <section aria-labelledby="drawn">
      <h2 id="drawn">Drawn</h2>
      <div className={styles.pairs}>
        {pairs.map(({ breakpoint, specification, page }) => (
          <figure key={breakpoint}>
            <figcaption>
              {breakpoint}, <span className="number">{page.width}</span> px
            </figcaption>
            <div>
              <span className="soft">{version}</span>
              <GridStrip grid={specification} scale={scale} />
              <span className="soft">page</span>
              <GridStrip grid={page} scale={scale} />
            </div>
          </figure>
        ))}
      </div>
    </section>
  );
}
