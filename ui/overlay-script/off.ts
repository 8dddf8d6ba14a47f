import { isDataTable } from '../measure-script/boxes';
import { seenAs } from '../measure-script/seen';
import type { LaidOut } from './grid';

/** An edge of an element that stands beside the grid: by how much, to the right where it is more than 0. */
export type Off = { element: Element; side: 'start' | 'end'; at: number; by: number };

/** Browsers place boxes on 64ths of a px, and pages on wholes: half a px is on the line. */
const ON_LINE = 0.5;

/**
 * Elements that can be seen and whose edges are on no column's edge: the outermost of each, since what stands in a card stands on the card. Grounds as wide as the page are passed through.
 */
export function elementsOffGrid({ region, left, starts, ends, width }: LaidOut): Off[] {
  const found: Off[] = [];
  const look = (element: Element): void => {
    for (const child of element.children) {
      const rect = child.getBoundingClientRect();
      const isGround = rect.left + scrollX <= left + ON_LINE && rect.right + scrollX >= left + width - ON_LINE;
      if (isGround || rect.width < 2 || rect.height < 2 || !isWhole(child)) {
        look(child);
        continue;
      }
      const edges = { start: rect.left + scrollX, end: rect.right + scrollX };
      for (const side of ['start', 'end'] as const) {
        const lines = side === 'start' ? [left, ...starts] : [...ends, left + width];
        const by = lines.map((line) => edges[side] - line).reduce((a, b) => (Math.abs(b) < Math.abs(a) ? b : a));
        if (Math.abs(by) > ON_LINE) found.push({ element: child, side, at: edges[side], by });
      }
    }
  };
  look(region);
  return found;
}

/** Is it looked at as a whole? What can be seen is, a block of a layout, and a table of data. */
function isWhole(element: Element): boolean {
  return isSeen(element) || element.hasAttribute('data-block') || isDataTable(element);
}

/** Has it a ground, a border, or something of its own: a picture, a field, a text? */
function isSeen(element: Element): boolean {
  return seenAs(element, getComputedStyle(element)) !== null;
}
