import { describe, expect, test } from 'vitest';
import { evaluateArithmetic } from '../length/arithmetic';
import { numeral } from '../length/present';
import type { Columns } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { explain, explanationLine } from './explain';
import { FOLLOWING_QUANTITIES, type ColumnQuantity } from './let-follow';

const line = (columns: Partial<Columns>, quantity: ColumnQuantity, width = 1440): string | null => {
  const breakpoint = breakpointOf(columns, width);
  const explanation = explain(specWith(breakpoint), breakpoint, quantity, width, numeral);
  return explanation && explanationLine(explanation);
};

describe('each followed value explains itself in one line', () => {
  test.each<[Partial<Columns>, ColumnQuantity, string | null]>([
    [
      { margin: 'auto', container: '1152px', gutter: '24px' },
      'column',
      'column = (container − 11 × gutter) / 12 = (1152 − 11 × 24) / 12 = 74',
    ],
    [
      { margin: 'auto', container: '1152px', gutter: '24px' },
      'margin',
      'margin = (viewport − container) / 2 = (1440 − 1152) / 2 = 144',
    ],
    [{ margin: 'auto', container: '1152px', gutter: '24px' }, 'gutter', null],
    [{ margin: 'auto', container: '1152px', gutter: '24px' }, 'container', null],
    [
      { margin: '160px', gutter: '32px' },
      'container',
      'container = viewport − margin − margin = 1440 − 160 − 160 = 1120',
    ],
    [
      { margin: 'auto', container: '960px', gutter: '20px', outer: 'half' },
      'column',
      'column = (container − 12 × gutter) / 12 = (960 − 12 × 20) / 12 = 60',
    ],
    [
      { margin: 'auto', container: '1180px', gutter: { ofColumn: '1/4' } },
      'column',
      'column = container / (12 + 11 × 1/4) = 1180 / (12 + 11 × 1/4) = 80',
    ],
    [
      { margin: 'auto', container: '1180px', gutter: { ofColumn: '1/4' } },
      'gutter',
      'gutter = 1/4 × column = 1/4 × 80 = 20',
    ],
    [
      { margin: 'auto', container: '1152px', column: '74px', gutter: 'auto' },
      'gutter',
      'gutter = (container − 12 × column) / 11 = (1152 − 12 × 74) / 11 = 24',
    ],
    [
      { margin: 'auto', container: 'auto', column: '70px', gutter: '30px' },
      'container',
      'container = 12 × column + 11 × gutter = 12 × 70 + 11 × 30 = 1170',
    ],
    [{ margin: '48px', container: { upTo: '1152px' } }, 'container', 'container = its greatest width = 1152 = 1152'],
    [
      { margin: 'auto', container: { share: '75%' } },
      'container',
      'container = 75 % of viewport = 75 / 100 × 1440 = 1080',
    ],
    [
      { margin: { start: '100px', end: 'auto' }, container: '1152px' },
      'margin',
      'end margin = viewport − container − start margin = 1440 − 1152 − 100 = 188',
    ],
    [
      { margin: 'auto', container: '1152px', align: 'start' },
      'margin',
      'end margin = viewport − container = 1440 − 1152 = 288',
    ],
    [
      { margin: 'auto', count: 'auto', container: '1200px', column: '72px', gutter: '24px' },
      'count',
      'count = ⌊(container + gutter) / (column + gutter)⌋ = ⌊(1200 + 24) / (72 + 24)⌋ = 12',
    ],
    [
      { margin: 'auto', container: '1145px', gutter: '24px', whole: 'margins' },
      'column',
      'column = ⌊(container − 11 × gutter) / 12⌋ = ⌊(1145 − 11 × 24) / 12⌋ = 73',
    ],
    [{ count: 1, margin: '16px' }, 'column', 'column = container = 1408 = 1408'],
  ])('%j: %s', (columns, quantity, expected) => {
    expect(line(columns, quantity)).toBe(expected);
  });
});

test('the numbers put in come to the result', () => {
  const grids: Partial<Columns>[] = [
    { margin: '16px', count: 4, gutter: '16px' },
    { margin: 'auto', container: '1153px', gutter: '7px', outer: 'half' },
    { margin: 'auto', container: { share: '66.5%' }, gutter: { ofColumn: '2/7' } },
    { margin: '5%', gutter: '2vw', container: { upTo: '900px' } },
    { margin: 'auto', container: 'auto', column: '70.5px', gutter: '30px', count: 7 },
    { margin: { start: 'auto', end: '33px' }, container: '800px', column: '50px', gutter: 'auto' },
  ];
  for (const columns of grids) {
    const breakpoint = breakpointOf(columns, 1366);
    for (const quantity of FOLLOWING_QUANTITIES) {
      const explanation = explain(specWith(breakpoint), breakpoint, quantity);
      if (!explanation) continue;
      expect(evaluateArithmetic(explanation.numbers).value!.amount.toFraction(), explanationLine(explanation)).toBe(
        explanation.result,
      );
    }
  }
});
