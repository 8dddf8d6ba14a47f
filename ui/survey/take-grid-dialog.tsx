'use client';

import { type FormEvent, useState } from 'react';
import { mapped } from '../../core/parsed';
import { breakpointAt, rangeText } from '../../core/spec/ranges';
import { exactGrid, foundSum } from '../../core/survey/exact-grid';
import type { FoundGrid } from '../../core/survey/find-grids';
import { type Fills, fillsOf, takeGrid, type Where } from '../../core/survey/take';
import type { Together } from '../../core/survey/together';
import { useDraftStore } from '../draft/draft-context';
import { Fractions } from '../drawing/numeral';
import { Answers, Dialog } from '../parts/dialog';
import styles from './survey.module.scss';
import { Problem } from '../parts/problem';
import { Check } from '../parts/check';
import { Label } from '../parts/label';

type Props = { grid: FoundGrid; together: Together | null; onTaken: (says: string) => void; onClose: () => void };

/** Asks where a found grid goes, and how it fills the screen. */
export function TakeGridDialog({ grid, together, onTaken, onClose }: Props) {
  const store = useDraftStore();
  const { document: spec } = store.getState();
  const own = breakpointAt(spec, grid.width);
  const capped = together?.outside.cap ?? null;
  const [where, setWhere] = useState<Where>('own');
  const [fills, setFills] = useState<Fills>(capped && grid.width >= capped.from ? 'container' : fillsOf(grid));
  const [isHalf, setHalf] = useState(together?.outer === 'half');
  const [problem, setProblem] = useState<string | null>(null);
  const { container, marginStart, marginEnd } = exactGrid(grid);
  const isEven = marginStart.equals(marginEnd);

  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const taken = takeGrid(spec, grid, { where, fills, outer: isHalf ? 'half' : 'none' });
    const refused = store.getState().take(mapped(taken, ({ spec: changed }) => changed));
    setProblem(refused);
    if (refused !== null) return;
    const name = store.getState().document.breakpoints.find(({ id }) => id === taken.value!.id)!.name;
    onTaken(
      `${name} now has ${grid.count} columns with gutters of ${exactGrid(grid).gutter.valueOf()} px. Ctrl+Z undoes it.`,
    );
  };
  const width = Math.round(grid.width);
  return (
    <Dialog
      title="Apply grid to sheet"
      onClose={onClose}
      onSubmit={submit}
      answers={<Answers yes="Apply to sheet" onNo={onClose} />}
    >
      <p className="number">
        <Fractions text={foundSum(grid)} /> = {width}
      </p>
      <fieldset className={styles.choices}>
        <Label as="legend">Apply to</Label>
        <label>
          <Check type="radio" name="where" checked={where === 'own'} onChange={() => setWhere('own')} /> {own.name},
          which applies at {width} px ({rangeText(spec, own)})
        </label>
        <label>
          <Check type="radio" name="where" checked={where === 'new'} onChange={() => setWhere('new')} /> New breakpoint
          from {width} px on
        </label>
      </fieldset>
      <fieldset className={styles.choices}>
        <Label as="legend">Columns</Label>
        <label>
          <Check type="radio" name="fills" checked={fills === 'margins'} onChange={() => setFills('margins')} /> Between
          margins of {marginStart.valueOf()}
          {isEven ? '' : ` and ${marginEnd.valueOf()}`} px; columns grow with the screen
        </label>
        <label>
          <Check
            type="radio"
            name="fills"
            checked={fills === 'container'}
            disabled={!isEven}
            onChange={() => setFills('container')}
          />{' '}
          In a container of {container.valueOf()} px, in the middle
        </label>
      </fieldset>
      <label>
        <Check type="checkbox" checked={isHalf} onChange={({ target }) => setHalf(target.checked)} /> Half a gutter
        outside the first and last column
      </label>
      <Problem says={problem} />
    </Dialog>
  );
}
