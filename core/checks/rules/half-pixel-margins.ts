import { columnRule } from '../../columns/column-rule';
import { exactReader } from '../../columns/columns-at';
import { exactText, isWhole, px, type Px } from '../../length/px';
import { numeral, spoken } from '../../length/present';
import { screenOf } from '../../spec/ranges';
import { perBreakpoint, type Rule } from '../rule';

/** What is left for the margins divides into whole px on both sides. */
export const halfPixelMargins: Rule = {
  id: 'half-pixel-margins',
  title: 'Margins that follow are whole',
  asks: 'Where margins take what is left, do both come out at whole px at the reference width?',
  why: 'An odd number of px left over puts the whole grid between two pixels: every edge in it is blurred.',
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
          label: `Draw it at ${numeral(viewport.add(change))}`,
          changes: [
            {
              breakpoint: breakpoint.id,
              reference: { ...breakpoint.reference, width: viewport.add(change).valueOf() },
            },
          ],
        }))
      : [];
    return [
      {
        cell: 'margin',
        message: `The container of ${spoken(container)} px leaves margins of ${numeral(marginStart)} and ${numeral(marginEnd)} at ${spoken(viewport)}: edges fall between pixels.`,
        values: { marginStart: exactText(marginStart), marginEnd: exactText(marginEnd), viewport: exactText(viewport) },
        mends,
      },
    ];
  }),
};
