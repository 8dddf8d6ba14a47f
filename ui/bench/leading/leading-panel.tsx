'use client';

import { useState } from 'react';
import { type FittingLeading, leadingsThatFit, nearestLines } from '../../../core/baseline/leading-that-fits';
import { writeFittingLeading } from '../../../core/breakpoints/write-leading';
import { lengthOf, parseLengthValue } from '../../../core/length/length-value';
import { numeral } from '../../../core/length/present';
import { isWhole, px, type Px, ZERO } from '../../../core/length/px';
import { toPx } from '../../../core/length/resolve';
import { screenOf } from '../../../core/spec/ranges';
import type { Breakpoint } from '../../../core/spec/schema';
import { stepOf } from '../../../core/type/text-at';
import { useDraft } from '../../draft/draft-context';
import { LatticeDrawing } from './lattice-drawing';
import { NumberTable } from '../../parts/number-table';
import { Panel } from '../../parts/panel';
import styles from './leading.module.scss';
import { Problem } from '../../parts/problem';
import { TextInput } from '../../parts/text-input';
import { Button } from '../../parts/button';

type Props = { breakpoint: Breakpoint; viewport: number; page: number };

/** A wanted leading, and those around it that divide the page's height into whole lines. */
export function LeadingPanel({ breakpoint, viewport, page }: Props) {
  const document = useDraft((draft) => draft.document);
  const change = useDraft((draft) => draft.change);
  const screen = screenOf(document, breakpoint);
  const step = stepOf(document, breakpoint);
  const [typed, setTyped] = useState('');
  const read = typed.trim() === '' ? null : parseLengthValue(typed);
  const given = read?.value === undefined ? null : toPx(lengthOf(read.value), screen, 'height');
  const problem = read?.problem ?? (given && given.compare(ZERO) <= 0 ? 'Enter a leading above 0, such as 24.' : null);
  const wanted: Px = given && !problem ? given : step.compare(ZERO) > 0 ? step : px(24);
  const size = { width: px(viewport), height: px(page) };
  const fitting = leadingsThatFit(wanted, size);
  const nearest = nearestLines(wanted, size.height);

  return (
    <Panel label="Fitting leadings">
      <div className={styles.wanted}>
        <label>
          Wanted leading{' '}
          <TextInput
            className="number"
            value={typed}
            placeholder={numeral(wanted)}
            autoComplete="off"
            aria-invalid={problem !== null}
            onChange={(event) => setTyped(event.target.value)}
          />
        </label>
        <span className="soft">
          in a page of <span className="number">{page}</span> px; drag the bottom edge of the page or type a height
          above
        </span>
        <Problem says={problem} />
      </div>
      <div className={styles.body}>
        <NumberTable>
          <thead>
            <tr>
              <th scope="col">Lines</th>
              <th scope="col">Leading</th>
              <th scope="col">Off by</th>
              <th scope="col" title="Page width and height divided by the number of lines">
                Lattice cell
              </th>
              <td />
            </tr>
          </thead>
          <tbody>
            {fitting.map((each) => (
              <FittingRow
                key={each.lines}
                fitting={each}
                isNearest={each.lines === nearest}
                isTaken={each.leading.equals(step)}
                onTake={() => change(writeFittingLeading(document, breakpoint, page, each.lines))}
              />
            ))}
          </tbody>
        </NumberTable>
        <LatticeDrawing page={{ width: viewport, height: page }} lines={nearest} />
      </div>
    </Panel>
  );
}

/** Leadings that divide a page have denominators that say nothing; their decimals line up. */
function fixed(length: Px): string {
  return length.valueOf().toFixed(3);
}

type RowProps = { fitting: FittingLeading; isNearest: boolean; isTaken: boolean; onTake: () => void };

function FittingRow({ fitting: { lines, leading, difference, cell }, isNearest, isTaken, onTake }: RowProps) {
  const sign = difference.compare(ZERO) > 0 ? '+' : '';
  return (
    <tr data-nearest={isNearest || undefined}>
      <td className="number">{lines}</td>
      <td className="number" title={`${leading.toFraction()} px`} data-whole={isWhole(leading)}>
        {fixed(leading)}
      </td>
      <td className="number">{difference.equals(ZERO) ? 'nothing' : `${sign}${fixed(difference)}`}</td>
      <td className="number" title={`${cell.width.toFraction()} × ${cell.height.toFraction()} px`}>
        {fixed(cell.width)} × {fixed(cell.height)}
      </td>
      <td>
        {isTaken ? (
          <span className="soft">is the step</span>
        ) : (
          <Button look="quiet" data-edits onClick={onTake}>
            Use as step
          </Button>
        )}
      </td>
    </tr>
  );
}
