import { expect, test } from 'vitest';
import type { Spec } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { shippedFont } from '../type/shipped-fonts';
import { sweepWidths } from './sweep';
import { characterLines } from './swept-text';
import { sweepReport } from './sweep-report';

const phone = breakpointOf({ count: 4, margin: '16px', gutter: '16px' }, 390, { id: 'phone' });
const desktop = breakpointOf({ margin: 'auto', container: '1152px', gutter: '24px' }, 1440, {
  id: 'desktop',
  from: 1200,
});
const font = { ...shippedFont('source-serif-4'), averageWidth: 500 }; // half an em, to reckon with
const spec: Spec = {
  ...specWith(phone, desktop),
  type: [
    {
      name: 'body',
      role: 'body',
      font,
      stands: 'line-box',
      at: {
        phone: { size: { between: ['16px', '20px'], over: [400, 1200] }, leading: '28px', span: 4 },
        desktop: { size: '20px', leading: '28px', span: 6 },
      },
    },
  ],
};

test('sizes at both ends of a range, and the fewest and most characters a line', () => {
  const [small, large] = sweepReport(spec, 320, 1600).breakpoints.map(({ type }) => type[0]!);
  // 320 − 32 = 288 px of 16: 36 characters; 1199 − 32 = 1167 px of 19.995: 116.7
  expect(small).toEqual({
    name: 'body',
    size: { narrowest: '16', widest: '3999/200' },
    leading: { narrowest: '28', widest: '28' },
    characters: { fewest: 36, at: 320, most: 117, mostAt: 1199 },
  });
  // 6 · 74 + 5 · 24 = 564 px of 20, at every width
  expect(large!.characters).toMatchObject({ fewest: 56, most: 56 });
});

test('the line for drawing has both ends of every range', () => {
  const [{ points }] = characterLines(spec, sweepWidths(spec, 320, 1600)) as [
    ReturnType<typeof characterLines>[number],
  ];
  const at = (width: number) => points.find((point) => point.width === width)?.value;
  expect([at(320), at(1199), at(1200), at(1600)]).toEqual([36, 116.7, 56.4, 56.4]);
});
