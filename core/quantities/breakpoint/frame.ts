import { withBreakpoint } from '../../breakpoints/breakpoints';
import { numeral } from '../../length/present';
import { mapped } from '../../parsed';
import { readSize, sizeText } from '../../length/size';
import { type FrameSide, sideIsOf } from '../../spec/frame';
import { screenOf } from '../../spec/ranges';
import type { Breakpoint } from '../../spec/schema';
import type { CellQuantity } from '../quantity';
import { lengthValue, type Reading, said } from '../reading';
import { NONE } from './read-heights';

/** How thick what is fixed at a side of the screen is. */
function side<const Id extends string>(id: Id, of: FrameSide, label: string, place: number): CellQuantity<Id> {
  const is = sideIsOf(of) === 'height' ? 'high' : 'wide';
  return {
    id,
    group: 'frame',
    label,
    name: label,
    kind: 'length',
    hint: `How ${is} it is, such as 64, 10% or 240 to 320 over 1200 to 1600. Delete for none.`,
    emptied: 'none',
    address: (breakpoint) => ['breakpoints', breakpoint.id, 'frame', of],
    read: (spec, breakpoint): Reading => {
      const value = breakpoint.frame?.[of];
      const exact = screenOf(spec, breakpoint).frame?.[of];
      if (value === undefined || exact === undefined) return said('none');
      const text = sizeText(value);
      return { text, shown: text, follows: false, px: /^[\d.]+$/.test(text) ? null : numeral(exact), exact };
    },
    write: (spec, breakpoint, text) => {
      if (NONE.test(text)) return { value: withBreakpoint(spec, withSide(breakpoint, of, undefined)) };
      return mapped(readSize(text), (size) => withBreakpoint(spec, withSide(breakpoint, of, size)));
    },
    weighs: 'minor',
    tabled: [
      {
        place,
        label,
        say: (spec, breakpoint) => {
          const exact = breakpoint.frame?.[of] === undefined ? undefined : screenOf(spec, breakpoint).frame?.[of];
          return exact === undefined ? null : lengthValue(exact);
        },
      },
    ],
  };
}

/** The breakpoint with another thickness of a side; without any, it has no frame. */
function withSide(
  breakpoint: Breakpoint,
  of: FrameSide,
  size: NonNullable<Breakpoint['frame']>[FrameSide],
): Breakpoint {
  const { frame = {}, ...bare } = breakpoint;
  const { [of]: _before, ...others } = frame;
  const sides = size === undefined ? others : { ...others, [of]: size };
  return Object.keys(sides).length === 0 ? bare : { ...bare, frame: sides };
}

/** Bars and panels, beside which the grid stands. */
export const FRAME = [
  side('frameTop', 'top', 'Top bar', 18),
  side('frameBottom', 'bottom', 'Bottom bar', 19),
  side('frameStart', 'start', 'Start panel', 20),
  side('frameEnd', 'end', 'End panel', 21),
] as const;
