import { columnRule } from '../../columns/read-rule';
import { exactReader } from '../../columns/columns-at';
import { exactText, isWhole, px, type Px } from '../../length/px';
import { screenOf } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';
import { figure, lengthInWords } from '../say';
import { breakpointEdits } from '../../edits/make-edits';

/** What is left for the margins divides into whole px on both sides. */
export const halfPixelMargins: Rule = {
  id: 'half-pixel-margins',
  version: 1,
  title: 'Auto margins are whole',
  asks: 'Where margins are auto, are both whole px at the design width?',
  why: 'An odd number of px left over puts the whole grid between two pixels, and every edge blurs.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { spec, at }) => {
    const { marginStart, marginEnd, container, viewport, excess } = at(breakpoint);
    const rule = columnRule(breakpoint.columns, exactReader(screenOf(spec, breakpoint)));
    const isTaken = (margin: Px, held: Px | null): boolean => !held?.equals(margin) && !isWhole(margin);
    if (!excess.equals(0)) return [null];
    if (!isTaken(marginStart, rule.marginStart) && !isTaken(marginEnd, rule.marginEnd)) return [null];
    const odd = isWhole(container) && marginStart.mul(2).d === 1n && marginStart.equals(marginEnd);
    const mends = odd
      ? [px(-1), px(1)].map((change) => ({
          facts: { width: exactText(viewport.add(change)) },
          edits: breakpointEdits(breakpoint, {
            reference: { ...breakpoint.reference, width: viewport.add(change).valueOf() },
          }),
        }))
      : [];
    return [
      {
        cell: 'margin',
        values: { marginStart: exactText(marginStart), marginEnd: exactText(marginEnd), viewport: exactText(viewport) },
        facts: { container: exactText(container) },
        mends,
      },
    ];
  }),
  says: ({ container, marginStart, marginEnd, viewport }) =>
    `The container of ${lengthInWords(container)} px leaves margins of ${figure(marginStart)} and ${figure(marginEnd)} at ${lengthInWords(viewport)}: edges fall between pixels.`,
  offers: ({ width }) => `Set the design width to ${figure(width)}`,
};
