import { isUpTo } from '../../columns/column-rule';
import { sharedWidth } from '../../columns/columns-at';
import { exactText } from '../../length/px';
import { narrowestViewport } from '../../spec/ranges';
import type { Breakpoint } from '../../spec/schema';
import { type Mend, perBreakpoint, type Rule } from '../rule';
import { lengthInWords } from '../say';
import { columnEdits } from '../../edits/make-edits';

/** The container fits into the narrowest viewport of its own range. */
export const containerOverflows: Rule = {
  id: 'container-overflows',
  version: 1,
  title: 'The container fits its whole range',
  asks: 'Is the container no wider than the narrowest viewport of its range (320 px for a range that starts at 0)?',
  why: 'A fixed container wider than the screen is cut off or makes the page scroll sideways.',
  source: 'WCAG 2.2, 1.4.10 Reflow (320 CSS px)',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { at }) => {
    const narrowest = narrowestViewport(breakpoint);
    const solved = at(breakpoint, narrowest);
    const { container } = solved;
    const { is: room } = sharedWidth(solved);
    const over = container.sub(room);
    // where panels leave no room, that is what is found
    if (over.compare(0) <= 0 || room.compare(0) <= 0) return [null];
    return [
      {
        cell: 'container',
        widths: [narrowest],
        facts: { from: breakpoint.from, room: exactText(room) },
        values: { container: exactText(container), narrowest: String(narrowest), over: exactText(over) },
        mends: capped(breakpoint),
      },
    ];
  }),
  says: ({ container, narrowest, over, from, room }) => {
    const starts =
      String(from) === narrowest
        ? `this range starts at ${lengthInWords(narrowest)} px`
        : `screens in this range can be as narrow as ${narrowest} px`;
    const beside = room === undefined || room === narrowest ? '' : `, of which panels leave ${lengthInWords(room)}`;
    return `The container is ${lengthInWords(container)} px, but ${starts}${beside}: it overflows by ${lengthInWords(over)} px there.`;
  },
  offers: ({ width }) => `Cap it: up to ${String(width).replace(/px$/, ' px')}`,
};

/** A fixed container keeps its width where there is room, and gives way where there is none. */
function capped(breakpoint: Breakpoint): Mend[] {
  const { container } = breakpoint.columns;
  if (container === 'fill' || container === 'auto' || typeof container === 'number' || isUpTo(container)) return [];
  if (typeof container === 'object' && !('is' in container)) return [];
  const width = typeof container === 'string' ? container : container.is;
  return [
    {
      facts: { width },
      edits: columnEdits(breakpoint, { container: { upTo: container } }),
    },
  ];
}
