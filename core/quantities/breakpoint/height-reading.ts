import { columnsAt } from '../../columns/columns-at';
import { exactNumbers } from '../../columns/numbers';
import { type Space, spaceOf, spaceText } from '../../columns/relation';
import { lengthOf, type LengthValue } from '../../length/length-value';
import { decimal } from '../../length/present';
import type { Px } from '../../length/px';
import { toPx } from '../../length/resolve';
import { screenOf } from '../../spec/ranges';
import type { Breakpoint, Spec } from '../../spec/schema';
import type { CellQuantity, Tabled } from '../quantity';
import { given, type Reading } from '../reading';

/** A length of the rows or the baseline, of which a percentage is one of the screen's height. */
export function lengthReading(spec: Spec, breakpoint: Breakpoint, value: Space): Reading {
  const length = (own: LengthValue): Px => toPx(lengthOf(own), screenOf(spec, breakpoint), 'height');
  return given(
    spaceText(value),
    spaceOf(value, length, () => columnsAt(spec, breakpoint), exactNumbers.times),
  );
}

/** A height as a row of a table; there is none where nothing stands. */
export function heightRow({ name, read }: Pick<CellQuantity, 'name' | 'read'>, place: number): Tabled {
  return {
    place,
    label: name,
    say: (spec, breakpoint) => {
      const { idle, shown, px: inPx, exact } = read(spec, breakpoint);
      return idle || shown === 'none' ? null : { shown: inPx ?? shown, copy: exact ? decimal(exact) : shown };
    },
  };
}
