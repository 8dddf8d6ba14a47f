import type { Px } from '../length/px';
import type { Breakpoint, Spec, TextStyle } from '../spec/schema';
import { type TextAt, textAt } from './text-at';

/** The leading of a text style at the reference width of a breakpoint. */
export type LeadingUse = { style: string; leading: Px };

/** The leadings of every text style at every breakpoint. */
export function leadingsInUse(
  spec: Spec,
  text: (style: TextStyle, breakpoint: Breakpoint) => TextAt = (style, breakpoint) => textAt(spec, style, breakpoint),
): LeadingUse[] {
  return spec.type.flatMap((style) =>
    spec.breakpoints.map((breakpoint) => ({ style: style.name, leading: text(style, breakpoint).leading })),
  );
}
