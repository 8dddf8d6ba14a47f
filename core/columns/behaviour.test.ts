import { expect, test } from 'vitest';
import type { Columns } from '../spec/schema';
import { specWith, breakpointOf } from '../spec/testing';
import { behaviourText } from './behaviour';

test.each<[Partial<Columns>, string[]]>([
  [
    { margin: '16px', gutter: '16px' },
    ['The container fills the screen between margins of 16 px.', 'Gutters are 16 px; the columns share the rest.'],
  ],
  [
    { margin: 'auto', container: '1152px', gutter: '1.5rem' },
    [
      'The container is always 1152 px wide and centred, and the margins take the rest.',
      'Gutters are 1.5 rem; the columns share the rest.',
    ],
  ],
  [
    { margin: '48px', container: { upTo: '1536px' }, gutter: { ofColumn: '1/4' }, align: 'start' },
    [
      'The container fills the screen between margins of 48 px until it is 1536 px wide, then keeps that width, aligned to the start.',
      'Gutters are 1/4 of a column; the columns share the rest.',
    ],
  ],
  [
    { margin: { start: '100px', end: 'auto' }, container: { share: '75%' }, outer: 'half', gutter: '30px' },
    [
      'The container is 75% of the screen and centred, beside a start margin of 100 px and an end margin of what is left.',
      'Gutters are 30 px, with half a gutter outside the first and last column; the columns share the rest.',
    ],
  ],
  [
    { count: 'auto', column: '72px', gutter: '24px', margin: { between: ['16px', '48px'], over: [600, 1440] } },
    [
      'The container fills the screen between margins that grow from 16 px to 48 px between screens of 600 and 1440 px.',
      'As many columns of 72 px as fit; gutters are 24 px.',
    ],
  ],
  [
    { margin: 'auto', container: 'auto', column: '70px', gutter: 'auto', whole: 'margins' },
    [
      'The container is as wide as its columns and centred.',
      'Columns stay 70 px; gutters take what is left.',
      'Columns are rounded down to whole px; the margins take the difference.',
    ],
  ],
])('%j', (columns, sentences) => {
  expect(behaviourText(specWith(breakpointOf(columns)), breakpointOf(columns))).toEqual(sentences);
});
