import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../spec/testing';
import { isThere } from './is-there';

const spec = specWith(breakpointOf({ count: 4 }, 412, { id: 'phone' }));

test.each<[boolean, string[]]>([
  [true, []],
  [true, ['breakpoints', 'phone']],
  [true, ['breakpoints', 'phone', 'columns', 'gutter']],
  // rows are not there now, and could be
  [true, ['breakpoints', 'phone', 'rows', 'height']],
  [true, ['breakpoints', 'phone', 'reference', 'width']],
  [false, ['breakpoints', 'desktop']],
  [false, ['breakpoints', 'desktop', 'columns', 'gutter']],
  [false, ['type', 'body']],
  [false, ['layouts', 'home', 'sections', 'top']],
  [false, ['nonsense']],
])('%s: %s', (is, at) => expect(isThere(spec, at)).toBe(is));
