import { columnsAt, roomAcross } from '../../columns/columns-at';
import { exactText } from '../../length/px';
import { narrowestViewport } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { lengthInWords } from '../say';

/** Panels leave the grid some room at the narrowest width of their range. */
export const panelsLeaveRoom: Rule = {
  id: 'panels-leave-room',
  version: 1,
  title: 'Panels leave room for the grid',
  asks: 'At the narrowest width of the range, are the panels together narrower than the screen?',
  why: 'Where panels take the whole screen, there’s no page left between them.',
  source: 'Arithmetic: room = viewport − start panel − end panel',
  weight: 'must-fix',
  check: perBreakpoint((breakpoint, { spec }) => {
    if (!breakpoint.frame) return [null];
    const narrowest = narrowestViewport(breakpoint);
    const solved = columnsAt(spec, breakpoint, narrowest);
    const room = roomAcross(solved);
    if (room.compare(0) > 0) return [null];
    return [
      {
        cell: breakpoint.frame.start === undefined ? 'frameEnd' : 'frameStart',
        widths: [narrowest],
        values: { panels: exactText(solved.frameStart.add(solved.frameEnd)), viewport: String(narrowest) },
      },
    ];
  }),
  says: ({ panels, viewport }) =>
    `The panels are ${lengthInWords(panels)} px together, and screens in this range can be as narrow as ${viewport} px: no room is left for the grid there.`,
};
