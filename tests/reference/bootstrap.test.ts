import { describe, expect, test } from 'vitest';
import { columnEdges, columnsAt, spanWidth } from '../../core/columns/columns-at';
import { findingsOf } from '../../core/checks/run';
import { breakpointAt } from '../../core/spec/ranges';
import { bootstrap, bootstrapSpec } from './bootstrap';

const spec = bootstrapSpec();
const rem = 16;
const gutter = Number.parseFloat(bootstrap.gutter) * rem;

/**
 * The content box of each column as Bootstrap's own rules place it: the container is centred, its padding and the row's
 * negative margin cancel out, a column is a twelfth of the container and has half a gutter of padding on each side.
 */
function placed(width: number): [number, number][] {
  const index = bootstrap.starts.findLastIndex((start) => start <= width);
  const container = index === 0 ? width : bootstrap.containers[index - 1]!;
  const share = container / bootstrap.columns;
  const start = (width - container) / 2;
  return Array.from({ length: bootstrap.columns }, (_, column) => [
    start + column * share + gutter / 2,
    start + (column + 1) * share - gutter / 2,
  ]);
}

test('its settings are the ones that are known', () => {
  expect(bootstrap).toEqual({
    ids: ['xs', 'sm', 'md', 'lg', 'xl', 'xxl'],
    starts: [0, 576, 768, 992, 1200, 1400],
    containers: [540, 720, 960, 1140, 1320],
    columns: 12,
    gutter: '1.5rem',
  });
});

describe('entered as a spec, its numbers give its geometry', () => {
  const widths = Array.from({ length: Math.floor((1920 - 320) / 7) + 1 }, (_, index) => 320 + index * 7);

  test('at every 7th width from 320 to 1920', () => {
    for (const width of widths) {
      const edges = columnEdges(columnsAt(spec, breakpointAt(spec, width), width)).map((edge) =>
        edge.map((side) => side.valueOf()),
      );
      placed(width).forEach(([start, end], column) => {
        expect(edges[column]![0], `column ${column + 1} at ${width}`).toBeCloseTo(start, 9);
        expect(edges[column]![1], `column ${column + 1} at ${width}`).toBeCloseTo(end, 9);
      });
    }
  });

  test('a span of 6 in a container of 1140 is 546', () => {
    const wide = columnsAt(
      spec,
      spec.breakpoints.find(({ id }) => id === 'xl')!,
    );
    expect(spanWidth(wide, 6).valueOf()).toBe(546);
  });

  test('nothing must be fixed in it', () => {
    expect(findingsOf(spec).filter(({ weight }) => weight === 'must-fix')).toEqual([]);
  });
});
