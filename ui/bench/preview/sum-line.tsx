'use client';

import { columnsAt, type SolvedColumns, sumLine, widthSegments } from '../../../core/columns/columns-at';
import { sharedEdges } from '../../../core/columns/shared-edges';
import { isWhole, least, ZERO } from '../../../core/length/px';
import { counted, numeral, spoken } from '../../../core/length/present';
import { mendLabel } from '../../../core/checks/sentence';
import type { Breakpoint } from '../../../core/spec/schema';
import { Fractions } from '../../drawing/numeral';
import { findingsOfDraft } from '../../draft/findings-of-draft';
import { useDraft } from '../../draft/draft-context';
import { useLastingMends } from '../../draft/use-lasting-mends';
import { HeightLine } from './height-line';
import { type Stands, SumPart } from './sum-part';
import styles from './preview.module.scss';
import { Button } from '../../parts/button';

type Props = { breakpoint: Breakpoint; solved: SolvedColumns; page: number };

/** The sums of widths and of heights; where one does not come out, by how much and what would mend it. */
export function SumLine({ breakpoint, solved, page }: Props) {
  const document = useDraft((draft) => draft.document);
  const edit = useDraft((draft) => draft.edit);
  const off = !solved.excess.equals(ZERO);
  const finding = off
    ? findingsOfDraft(document).find(({ rule, breakpoint: id }) => rule === 'sum-comes-out' && id === breakpoint.id)
    : undefined;
  const mends = useLastingMends(finding).map((mend) => ({ label: mendLabel(finding!, mend), edits: mend.edits }));
  return (
    <div className={styles.sum}>
      <SumPart
        label="Sum of widths"
        bar={<SumBar solved={solved} />}
        line={sumLine(solved, numeral)}
        {...verdictOf(solved)}
      />
      {mends.length > 0 && (
        <div className={styles.mends}>
          {mends.map((mend) => (
            <Button key={mend.label} look="quiet" data-edits onClick={() => edit(mend)}>
              {mend.label}
            </Button>
          ))}
        </div>
      )}
      <SharedEdges breakpoint={breakpoint} solved={solved} />
      <HeightLine spec={document} breakpoint={breakpoint} page={page} />
    </div>
  );
}

/** More places are in the hint. */
const MOST_LISTED = 6;

/** Where a grid beside the main one begins and ends columns with it. */
function SharedEdges({ breakpoint, solved }: Pick<Props, 'breakpoint' | 'solved'>) {
  const whole = useDraft((draft) => draft.whole);
  const grid = useDraft((draft) => draft.grid);
  const main = whole.breakpoints.find(({ id }) => id === breakpoint.id);
  if (!grid || !main) return null;
  const { starts, ends } = sharedEdges(columnsAt(whole, main, solved.viewport), solved);
  const at = [...starts, ...ends].map(numeral);
  const listed = at.length > MOST_LISTED ? [...at.slice(0, MOST_LISTED), '…'] : at;
  return (
    <p className={styles.shared}>
      {at.length === 0
        ? `${grid.name} shares no column edge with the main grid here.`
        : `${counted(starts.length, 'start')} and ${counted(ends.length, 'end')} shared with the main grid:`}{' '}
      <span className="number" title={at.join(', ')}>
        <Fractions text={listed.join(', ')} />
      </span>
    </p>
  );
}

/** The verdict before its numbers; green only where nothing is off. */
function verdictOf(solved: SolvedColumns): { stands: Stands; verdict: string } {
  const { excess, column, gutter, marginStart, marginEnd } = solved;
  if (!excess.equals(ZERO))
    return { stands: 'off', verdict: `${spoken(excess.abs())} px too ${excess.compare(0) > 0 ? 'many' : 'few'}` };
  const parts = { columns: column, gutters: gutter, margins: least(marginStart, marginEnd) };
  const below = Object.entries(parts).find(([, width]) => width.compare(ZERO) < 0);
  if (below) return { stands: 'off', verdict: `only adds up with ${below[0]} negative` };
  const edges = widthSegments(solved).filter(({ part }) => part === 'column');
  const broken = edges.filter(({ start, end }) => !isWhole(start) || !isWhole(end)).length;
  if (broken === 0) return { stands: 'fine', verdict: 'adds up, every edge on a whole pixel' };
  return { stands: 'between', verdict: `adds up, ${broken} of ${edges.length} columns fall between pixels` };
}

/** Each piece of the width, as wide as it is. */
function SumBar({ solved }: { solved: SolvedColumns }) {
  const segments = widthSegments(solved);
  const end = Math.max(segments.at(-1)!.end.valueOf(), solved.viewport.valueOf(), 1);
  return (
    <svg className={styles.bar} viewBox={`0 0 ${end} 18`} preserveAspectRatio="none" aria-hidden="true">
      {segments.map(({ part, start, width }, index) => (
        <rect key={index} data-part={part} x={start.valueOf()} width={Math.max(0, width.valueOf())} height="18" />
      ))}
      {solved.excess.compare(0) > 0 && (
        <rect x={solved.viewport.valueOf()} width={solved.excess.valueOf()} height="18" data-part="excess" />
      )}
    </svg>
  );
}
