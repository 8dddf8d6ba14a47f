import { columnsAt } from '../columns/columns-at';
import { fluidColumns, newBreakpoint, newSpec } from '../document/defaults';
import { decimal } from '../length/present';
import { lengthText } from '../length/length';
import { type Px, px, ZERO } from '../length/px';
import type { Columns } from '../spec/schema';

/** A grid in numbers, at one viewport width; null is what is not said. */
export type SaidGrid = {
  width: number;
  count: number;
  gutter: Px | null;
  start: Px | null;
  end: Px | null;
  container: Px | null;
  column: Px | null;
  inset: Px | null;
};

/** Decimals are rounded at the fourth place. */
const ROUNDED = px('1/1000');

/**
 * Columns that give the numbers of a grid at its width: in a container in the middle where its margins are even and the container is a whole number that the screen is not filled with,
 * between its margins otherwise; and what of the numbers does not come out, in a sentence.
 *
 *     saidColumns({ width: 1512, count: 12, gutter: 24, start: 108, end: 108, container: 1296, … })   // container 1296px, margins that follow
 */
export function saidColumns(said: SaidGrid): { columns: Columns; off: string | null } {
  const { width, count, gutter, start, end, container, column, inset } = said;
  const margin = start ?? end;
  const own = gutter ?? gutterBetween(said) ?? ZERO;
  const outer = inset && own.compare(0) > 0 && near(inset.mul(2), own) ? 'half' : 'none';
  const base: Columns = { ...fluidColumns(count, text(own), '0px'), outer };
  const isEven = start === null || end === null || near(start, end);
  const isCentred =
    container !== null && isEven && (margin === null || (margin.compare(64) > 0 && margin.compare(own.mul(3)) > 0));
  const columns: Columns = isCentred
    ? { ...base, container: text(container!), margin: 'auto' }
    : margin === null
      ? base
      : { ...base, margin: isEven ? text(margin) : { start: text(start!), end: text(end!) } };
  const breakpoint = newBreakpoint({ id: 'read', name: 'Read', from: 0, width, height: 900 }, columns);
  const solved = columnsAt(newSpec('Read', [breakpoint]), breakpoint);
  const off = (
    [
      ['column', column, solved.column],
      ['container', container, solved.container],
      ['start margin', start, solved.marginStart],
    ] as const
  ).find(([, read, follows]) => read !== null && !near(read, follows));
  return {
    columns,
    off: off
      ? `The ${off[0]} of ${decimal(off[1]!)} px doesn’t add up: with the other values it’s ${decimal(off[2])} px at ${width} px.`
      : null,
  };
}

/** A gutter that is not said follows from columns and container. */
function gutterBetween({ count, column, container }: SaidGrid): Px | null {
  if (!column || !container || count < 2) return null;
  const left = container.sub(column.mul(count)).div(count - 1);
  return left.compare(0) >= 0 ? left : null;
}

function near(a: Px, b: Px): boolean {
  return a.sub(b).abs().compare(ROUNDED) <= 0;
}

function text(length: Px): string {
  return lengthText({ amount: length.compare(0) < 0 ? ZERO : length.round(4), unit: 'px' });
}
