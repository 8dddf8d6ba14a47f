import { expect, test } from 'vitest';
import { breakpointOf, specWith } from '../spec/testing';
import { browserEdges } from './browser-edges';
import { columnEdges, columnsAt } from './columns-at';

test('edges between 1/64 px are drawn at the 1/64 below', () => {
  const breakpoint = breakpointOf({ count: 3, gutter: '1px' }, 1328);
  const solved = columnsAt(specWith(breakpoint), breakpoint);
  expect(columnEdges(solved)[1]!.map((edge) => edge.toFraction())).toEqual(['443', '885']);
  expect(browserEdges(breakpoint, solved)[1]).toEqual([443, 885]);
});

test('a third', () => {
  const breakpoint = breakpointOf({ count: 3 }, 605);
  const solved = columnsAt(specWith(breakpoint), breakpoint);
  expect(columnEdges(solved)[0]![1].toFraction()).toBe('605/3');
  expect(browserEdges(breakpoint, solved)[0]).toEqual([0, 201.65625]);
});
