import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../spec/testing';
import { reports } from '../testing';
import { columnWhole } from './column-whole';

test('a fluid column names the widths at which it is whole', () => {
  const spec = specWith(breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 390));
  expect(reports(columnWhole, spec)).toEqual([
    {
      message: 'Columns are 77½ px at 390; they are whole at every 4th width from 388 px.',
      mends: ['Set the design width to 388'],
    },
  ]);
});

test('three columns in 1328 come out at 442⅔', () => {
  const spec = specWith(breakpointOf({ margin: 'auto', container: '1328px', count: 3 }, 1440));
  expect(reports(columnWhole, spec)).toEqual([
    {
      message: 'Columns are 442⅔ px: the container of 1,328 px less 2 gutters of 0 leaves 1,328 for 3 columns.',
      mends: ['Container 1326: columns of 442', 'Container 1329: columns of 443'],
    },
  ]);
});

test('whole columns are no finding', () => {
  expect(reports(columnWhole, specWith(breakpointOf({ margin: '32px', count: 8, gutter: '16px' }, 744)))).toEqual([]);
});
