import type { SolvedColumns } from '../../../core/columns/columns-at';
import { percent, spansOf } from '../../../core/columns/spans';
import { counted, decimal, numeral } from '../../../core/length/present';
import { isWhole } from '../../../core/length/px';
import { Numeral } from '../../drawing/numeral';
import { NumberTable } from '../../parts/number-table';
import { Panel } from '../../parts/panel';
import styles from './preview.module.scss';

/** The width of every span at the viewport shown, in px and as a share of the container and of the viewport. */
export function SpanTable({ name, solved }: { name: string; solved: SolvedColumns }) {
  const [container, widest] = [solved.container.valueOf(), solved.viewport.valueOf()];
  return (
    <Panel label={`Spans of ${name}`}>
      <NumberTable className={styles.spans}>
        <thead>
          <tr>
            <th scope="col">Span</th>
            <th scope="col">px</th>
            <th scope="col">of the container</th>
            <th scope="col">of the viewport</th>
            <th aria-hidden="true" />
          </tr>
        </thead>
        <tbody>
          {spansOf(solved).map(({ columns, width, ofContainer, ofViewport }) => (
            <tr key={columns} data-whole={isWhole(width)}>
              <th scope="row">{counted(columns, 'column')}</th>
              <td className="number" title={`${decimal(width)} px`}>
                <Numeral text={numeral(width)} />
              </td>
              <td className="number">{percent(ofContainer)}</td>
              <td className="number">{percent(ofViewport)}</td>
              <td aria-hidden="true">
                <svg viewBox={`0 0 ${widest} 8`} preserveAspectRatio="none">
                  <rect width={container} height="8" fill="var(--plum-wash)" />
                  <rect width={Math.max(0, width.valueOf())} height="8" fill="var(--plum-tint)" />
                </svg>
              </td>
            </tr>
          ))}
        </tbody>
      </NumberTable>
    </Panel>
  );
}
