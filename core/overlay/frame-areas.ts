import type { Direction } from '../length/direction';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import type { FrameSide } from '../spec/frame';

/** What a bar or a panel covers of a drawn screen, in px from its left edge and its top. */
export type FrameArea = { side: FrameSide; x: number; y: number; width: number; height: number };

/** Bars and panels are one grey on light and on dark pages: they are no part of the grid. */
export const FRAME_FILL = '#7c8088';

/**
 * The bars and panels of a breakpoint on a screen of a size: bars from side to side, panels between them. A screen that is cut off has its foot elsewhere, and
 * no bottom bar.
 *
 *     frameAreas(spec, phone, 390, 844)   // [{ side: 'top', x: 0, y: 0, width: 390, height: 56 }]
 */
export function frameAreas(
  spec: Spec,
  breakpoint: Breakpoint,
  width: number,
  height: number,
  direction: Direction = 'ltr',
): FrameArea[] {
  const { frame } = screenOf(spec, breakpoint, width, height);
  if (!frame) return [];
  const [top, bottom, start, end] = [frame.top, frame.bottom, frame.start, frame.end].map((side) => side.valueOf());
  const foot = height < breakpoint.reference.height ? 0 : bottom!;
  const between = { y: top!, height: Math.max(0, height - top! - foot) };
  const [left, right] = direction === 'ltr' ? [start!, end!] : [end!, start!];
  const areas: FrameArea[] = [
    { side: 'top', x: 0, y: 0, width, height: top! },
    { side: 'bottom', x: 0, y: height - foot, width, height: foot },
    { side: direction === 'ltr' ? 'start' : 'end', x: 0, width: left, ...between },
    { side: direction === 'ltr' ? 'end' : 'start', x: width - right, width: right, ...between },
  ];
  return areas.filter((area) => area.width > 0 && area.height > 0);
}
