import { describe, expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../spec/testing';
import { reports } from '../testing';
import { breakpointsInOrder } from './breakpoints-in-order';
import { containerOverflows } from './container-overflows';
import { contentGrows } from './content-grows';
import { guttersFit } from './gutters-fit';
import { phoneMargin } from './phone-margin';
import { referenceInRange } from './reference-in-range';

const phone = breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390, { id: 'phone' });

describe('container wider than the narrowest screen of its range', () => {
  const laptop = breakpointOf({ margin: 'auto', container: '1140px', gutter: '24px' }, 1280, {
    id: 'laptop',
    from: 1024,
  });

  test('is reported with the cap that mends it', () => {
    expect(reports(containerOverflows, specWith(phone, laptop))).toEqual([
      {
        message: 'The container is 1,140 px, but this range starts at 1,024 px: it overflows by 116 px there.',
        mends: ['Cap it: up to 1140 px'],
      },
    ]);
  });

  test('a range from 0 is held to 320 px', () => {
    const fixed = breakpointOf({ margin: 'auto', container: '360px', count: 4 }, 390);
    expect(reports(containerOverflows, specWith(fixed))[0]!.message).toBe(
      'The container is 360 px, but screens in this range can be as narrow as 320 px: it overflows by 40 px there.',
    );
  });

  test('a container that just fits does not overflow', () => {
    const fits = breakpointOf({ margin: 'auto', container: '1024px', gutter: '24px' }, 1280, {
      id: 'laptop',
      from: 1024,
    });
    expect(reports(containerOverflows, specWith(phone, fits))).toEqual([]);
  });
});

describe('gutters alone wider than the container', () => {
  test('columns of less than nothing', () => {
    expect(reports(guttersFit, specWith(breakpointOf({ gutter: '40px' }, 400)))[0]!.message).toBe(
      '11 gutters of 40 px need 440 px; the container has 400 at 400, which leaves nothing for 12 columns.',
    );
  });
  test('also where only the narrowest viewport is too narrow', () => {
    expect(reports(guttersFit, specWith(breakpointOf({ gutter: '30px' }, 1440)))[0]!.message).toContain(
      'the container has 320 at 320',
    );
  });
  test('margins that leave no container', () => {
    expect(reports(guttersFit, specWith(breakpointOf({ margin: '200px', count: 1 }, 390)))[0]!.message).toBe(
      'The container is −10 px at 390, which leaves nothing for 1 column.',
    );
  });
  test('columns that leave less than nothing for gutters', () => {
    const held = breakpointOf({ margin: 'auto', container: '800px', count: 12, column: '70px', gutter: 'auto' }, 1440);
    expect(reports(guttersFit, specWith(held))[0]!.message).toBe(
      '12 columns of 70 px need 840 px; the container has 800, so the gutter would be −3⁷⁄₁₁.',
    );
  });
});

describe('breakpoints in order', () => {
  const at = (from: number, id: string) => breakpointOf({}, 500, { id, from });
  test.each([
    [
      'two at one width',
      [at(0, 'phone'), at(600, 'tablet'), at(600, 'laptop')],
      'Tablet and Laptop both start at 600 px. Only one of them can apply. Change one of the widths.',
    ],
    [
      'one below the one before it',
      [at(0, 'phone'), at(900, 'tablet'), at(600, 'laptop')],
      'Laptop starts at 600 px, below Tablet at 900, which comes before it.',
    ],
    [
      'none from 0',
      [at(320, 'phone')],
      'Phone starts at 320. The first breakpoint must start at 0, or nothing is specified for 0–319.',
    ],
  ])('%s', (_, breakpoints, message) => {
    expect(reports(breakpointsInOrder, specWith(...breakpoints)).map((report) => report.message)).toEqual([message]);
  });
});

describe('reference width', () => {
  test('outside its own range', () => {
    const laptop = breakpointOf({}, 1280, { id: 'laptop', from: 1024 });
    const desktop = breakpointOf({}, 1440, { id: 'desktop', from: 1280 });
    expect(reports(referenceInRange, specWith(phone, laptop, desktop))).toEqual([
      { message: 'Designed at 1280 px, outside the range of 1024–1279.', mends: ['Set the design width to 1279'] },
    ]);
  });
});

describe('margins on phones', () => {
  test('under 16 px', () => {
    const tight = breakpointOf({ margin: '12px', count: 4, gutter: '8px' }, 390);
    expect(reports(phoneMargin, specWith(tight))).toEqual([
      {
        message: 'The margin is 12 px at 390; below 600 px wide, screens need at least 16.',
        mends: ['Make the margin 16'],
      },
    ]);
  });
  test('a fixed container that leaves less than 16 px at 320', () => {
    const fixed = breakpointOf({ margin: 'auto', container: '300px', count: 2 }, 390);
    expect(reports(phoneMargin, specWith(fixed))[0]!.message).toBe(
      'The margin is 10 px at 320; below 600 px wide, screens need at least 16.',
    );
  });
  test('wider ranges may have less', () => {
    const board = breakpointOf({ margin: '10px' }, 1920, { id: 'board', from: 600 });
    expect(reports(phoneMargin, specWith(phone, board))).toEqual([]);
  });
});

describe('content that shrinks as the screen grows', () => {
  test('past a breakpoint', () => {
    const tablet = breakpointOf({ margin: '32px', count: 8, gutter: '16px' }, 744, { id: 'tablet', from: 600 });
    expect(reports(contentGrows, specWith(phone, tablet))[0]!.message).toBe(
      'At 600 px the container drops from 567 px (Phone) to 536 while the screen gets wider.',
    );
  });
  test('content that stays as wide is fine', () => {
    const same = breakpointOf({ margin: '16px', count: 8, gutter: '16px' }, 744, { id: 'tablet', from: 600 });
    expect(reports(contentGrows, specWith(phone, same))).toEqual([]);
  });
});
