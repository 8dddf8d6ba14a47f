import { describe, expect, test } from 'vitest';
import { applyEdits } from '../../edits/apply-edits';
import type { Columns, Spec } from '../../spec/schema';
import { breakpointOf, specWith } from '../../spec/testing';
import { findingsOf } from '../run';
import type { Rule } from '../rule';
import { reports } from '../testing';
import { breakpointsDiffer } from './breakpoints-differ';
import { columnsHoldTarget } from './columns-hold-target';
import { containerIsSum } from './container-is-sum';
import { countsShareDivisor } from './counts-share-divisor';
import { drawnForReflow } from './drawn-for-reflow';
import { forgottenHalfGutter } from './forgotten-half-gutter';
import { gutterWithinMargin } from './gutter-within-margin';
import { halfPixelMargins } from './half-pixel-margins';
import { partsWhole } from './parts-whole';
import { roundingMovesContainer } from './rounding-moves-container';
import { spaceShrinksWithScreen } from './space-shrinks-with-screen';
import { sumBelowZero } from './sum-below-zero';

const one = (columns: Partial<Columns>, width = 1440): Spec => specWith(breakpointOf(columns, width));
const phone = (columns: Partial<Columns> = {}) =>
  breakpointOf({ margin: '16px', count: 4, gutter: '16px', ...columns }, 388, { id: 'phone' });
const tablet = (columns: Partial<Columns> = {}) =>
  breakpointOf({ margin: '32px', count: 8, gutter: '16px', ...columns }, 744, { id: 'tablet', from: 600 });

describe('one sentence each, with the numbers', () => {
  test.each<[Rule, Spec, string[]]>([
    [
      roundingMovesContainer,
      one({ margin: 'auto', container: '1140px', gutter: '20px', whole: 'container' }),
      ['Rounded columns make a container of 1,144 px at 1,440; 1,140 was set, 4 less.'],
    ],
    [roundingMovesContainer, one({ margin: 'auto', container: '1152px', gutter: '24px', whole: 'container' }), []],
    [
      sumBelowZero,
      one({ margin: { start: { sum: ['10vw', '-200px'] }, end: { sum: ['5vw', '-72px'] } } }),
      ['The start margin of 10vw - 200 comes to −56 px. It must be 0 or more.'],
    ],
    [
      sumBelowZero,
      one({ margin: 'auto', container: { sum: ['50%', '-721px'] } }),
      ['The container of 50% - 721 comes to −1 px. It must be 0 or more.'],
    ],
    [
      halfPixelMargins,
      one({ margin: 'auto', container: '1153px' }),
      ['The container of 1,153 px leaves margins of 143½ and 143½ at 1,440: edges fall between pixels.'],
    ],
    [halfPixelMargins, one({ margin: 'auto', container: '1152px' }), []],
    [
      forgottenHalfGutter,
      one({ margin: '135px', container: 'auto', column: '67.5px', gutter: '30px' }),
      [
        'The sum is 30 px short at 1,440, exactly one gutter: half of it, 15, seems to be missing outside the first and last column.',
      ],
    ],
    [
      forgottenHalfGutter,
      one({ gutter: '30px' }, 1200),
      [
        'Columns touch the screen edges while gutters are 30 px: half of it, 15, seems to be missing outside the first and last column.',
      ],
    ],
    [forgottenHalfGutter, one({ gutter: '30px', outer: 'half' }, 1200), []],
    [
      partsWhole,
      one({ margin: 'auto', container: '1145px', gutter: '24px' }),
      ['A half is 560½, a third is 365⅔, a quarter is 268¼ px at 1,440: none whole.'],
    ],
    [
      partsWhole,
      one({ margin: 'auto', container: '1156px', gutter: '24px' }),
      ['A half is 566, a third is 369⅓, a quarter is 271 px at 1,440: 2 of 3 whole.'],
    ],
    [partsWhole, one({ margin: 'auto', container: '1152px', gutter: '24px' }), []],
    [
      gutterWithinMargin,
      one({ margin: '16px', gutter: '24px' }),
      ['The gutter of 24 px is wider than the 16 outside the columns at 1,440.'],
    ],
    [gutterWithinMargin, one({ margin: '16px', gutter: '24px', outer: 'half' }), []],
    [
      spaceShrinksWithScreen,
      specWith(phone({ gutter: '24px' }), tablet()),
      ['The gutter is 24 px here and 16 on Tablet: it grows as the screen shrinks.'],
    ],
    [
      spaceShrinksWithScreen,
      specWith(phone({ margin: '40px' }), tablet()),
      ['The margin is 40 px here and 32 on Tablet: it grows as the screen shrinks.'],
    ],
    [spaceShrinksWithScreen, specWith(phone(), tablet()), []],
    [
      countsShareDivisor,
      specWith(phone(), tablet({ count: 5 })),
      ['5 columns here and 4 on Phone share no divisor: no half, third or quarter carries over.'],
    ],
    [countsShareDivisor, specWith(phone(), tablet()), []],
    [
      columnsHoldTarget,
      one({ margin: '16px', gutter: '16px' }, 390),
      ['Columns are 15⅙ px at 390, under the 24 px of a touch target; a target needs a span of 2.'],
    ],
    [columnsHoldTarget, one({ margin: '16px', count: 4, gutter: '16px' }, 390), []],
    [
      drawnForReflow,
      one({}, 1080),
      ['At 320 px Screen applies, with a design width of 1080. Nothing is designed for a page zoomed to 400 %.'],
    ],
    [drawnForReflow, specWith(phone(), tablet()), []],
    [
      containerIsSum,
      one({ margin: 'auto', container: '360px', count: 4, gutter: '16px', column: '78.25px' }, 393),
      ['The container is 360 px; 4 columns of 78¼ and 3 gutters of 16 come to 361.'],
    ],
    [containerIsSum, one({ margin: 'auto', container: '361px', count: 4, gutter: '16px', column: '78.25px' }, 393), []],
    [
      breakpointsDiffer,
      specWith(phone(), { ...phone(), id: 'tablet', name: 'Tablet', from: 600 }),
      ['Phone has the same columns. One breakpoint is enough for both.'],
    ],
    [
      breakpointsDiffer,
      specWith(phone(), { ...phone({ gutter: '17px' }), id: 'tablet', name: 'Tablet', from: 600 }),
      ['Phone has nearly the same columns: no part differs by more than 2 px. One breakpoint may be enough for both.'],
    ],
    [breakpointsDiffer, specWith(phone(), tablet()), []],
  ])('$id', (rule, spec, messages) => {
    expect(reports(rule, spec).map(({ message }) => message)).toEqual(messages);
  });
});

test.each([
  [roundingMovesContainer, one({ margin: 'auto', container: '1140px', gutter: '20px', whole: 'container' })],
  [halfPixelMargins, one({ margin: 'auto', container: '1153px' })],
  [forgottenHalfGutter, one({ margin: '135px', container: 'auto', column: '67.5px', gutter: '30px' })],
  [containerIsSum, one({ margin: 'auto', container: '360px', count: 4, gutter: '16px', column: '78.25px' }, 393)],
])('every mend of $id mends', (rule, spec) => {
  const { mends } = findingsOf(spec).find((finding) => finding.rule === rule.id)!;
  expect(mends.length).toBeGreaterThan(0);
  for (const { edits } of mends) expect(reports(rule, applyEdits(spec, edits).value!)).toEqual([]);
});
