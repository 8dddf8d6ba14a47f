import { memo } from 'react';
import { judge } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import { columnsAt, sumLine } from '../../core/columns/columns-at';
import { counted, numeral } from '../../core/length/present';
import { byWidth, rangeText } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import { ScreenDrawing } from '../drawing/screen-drawing';
import styles from './new-spec.module.scss';

/** So many findings are told; the rest is counted. */
const MOST = 5;

/** What would be created: every screen drawn, its sum, and what is found in it; anew only where the specification is another. */
export const BegunSpec = memo(function BegunSpec({ spec }: { spec: Spec }) {
  const findings = judge(spec).filter(({ weight }) => weight !== 'note');
  const names = new Map(spec.breakpoints.map(({ id, name }) => [id, name]));
  return (
    <section className={styles.begun} aria-label="Preview">
      {byWidth(spec.breakpoints).map((breakpoint) => (
        <figure key={breakpoint.id}>
          <figcaption>
            <strong>{breakpoint.name}</strong> <span className="number soft">{rangeText(spec, breakpoint)}</span>
          </figcaption>
          <ScreenDrawing spec={spec} breakpoint={breakpoint} />
          <p className="number">{sumLine(columnsAt(spec, breakpoint), numeral)}</p>
        </figure>
      ))}
      {findings.length === 0 ? (
        <p className="fine">No findings. Everything adds up.</p>
      ) : (
        <ul className={styles.findings} aria-label="Findings">
          {findings.slice(0, MOST).map((finding, index) => (
            <li key={index} data-weight={finding.weight}>
              {finding.breakpoint !== null && <strong>{names.get(finding.breakpoint)}: </strong>}
              {sentenceOf(finding)}
            </li>
          ))}
          {findings.length > MOST && <li>and {counted(findings.length - MOST, 'more finding')}</li>}
        </ul>
      )}
    </section>
  );
});
