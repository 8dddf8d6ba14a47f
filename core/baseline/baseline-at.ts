import { lengthOf } from '../length/length-value';
import { type Px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** A breakpoint's baselines: at offset + k · step below the top bar; `lines` of them begin within the height that bars leave, the room. */
export type SolvedBaseline = { step: Px; offset: Px; lines: number; top: Px; room: Px };

/** Where the first baseline lies, from the top of the page. */
export function firstLine({ top, offset }: Pick<SolvedBaseline, 'top' | 'offset'>): Px {
  return top.add(offset);
}

/**
 * The baselines of a breakpoint at a height and a viewport width, by default its reference size; null where it has none.
 *
 *     baselineAt(spec, phone)!.lines   // 211 lines of 4 px begin in 844
 */
export function baselineAt(
  spec: Spec,
  breakpoint: Breakpoint,
  height: Px | number = breakpoint.reference.height,
  width: Px | number = breakpoint.reference.width,
): SolvedBaseline | null {
  if (breakpoint.baseline === null) return null;
  const screen = screenOf(spec, breakpoint, width, height);
  const { height: room } = screen.room ?? screen;
  const [step, offset] = [breakpoint.baseline.step, breakpoint.baseline.offset].map((value) =>
    toPx(lengthOf(value), screen, 'height'),
  ) as [Px, Px];
  const lines = step.equals(0) ? 0 : Math.max(0, room.sub(offset).div(step).ceil().valueOf());
  return { step, offset, lines, top: screen.frame?.top ?? ZERO, room };
}
