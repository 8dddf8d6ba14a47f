import { describe, expect, test } from 'vitest';
import { gridsTogether } from '../../core/survey/together';
import { togetherText } from '../../core/survey/together-text';
import { specOfSurvey } from '../../core/survey/take';
import { columnsAt } from '../../core/columns/columns-at';
import { readSpec } from '../../core/document/read';
import { isRight } from '../survey/generator';
import { productOf } from '../survey/widths';

const SEEDS = Array.from({ length: 40 }, (_, index) => 300 + index);

describe('random products at three widths', () => {
  const found = SEEDS.map((seed) => ({ product: productOf(seed), together: gridsTogether(productOf(seed).screens) }));

  test('the true grid of every width', () => {
    const right = found.filter(({ product, together }) =>
      product.truths.every((truth, index) => isRight(together?.grids[index], truth)),
    );
    expect(right.length).toBeGreaterThanOrEqual(38);
  });

  test('what is outside: half gutters, margins that stay or are a share, containers that stop growing', () => {
    const right = found.filter(({ product, together }) => {
      if (!together) return false;
      const { margin, cap } = together.outside;
      const isMargin =
        'px' in product.margin
          ? margin.is === 'px' && Math.abs(margin.px - product.margin.px) <= 0.6
          : margin.is === 'share' && Math.abs(margin.share - product.margin.share) <= 0.001;
      // a container as wide as the widest screen lets it grow is not seen to stop
      const isCap = product.cap === null ? cap === null : cap !== null && Math.abs(cap.px - product.cap) <= 1;
      return together.outer === product.outer && isMargin && isCap;
    });
    expect(right.length).toBeGreaterThanOrEqual(36);
  });

  test('a new spec has these columns at every surveyed width', () => {
    for (const { together, product } of found) {
      if (!together || !product.truths.every((truth, index) => isRight(together.grids[index], truth))) continue;
      const spec = specOfSurvey('Found', together, { unit: 8 });
      expect(readSpec(spec).problem).toBeUndefined();
      for (const [index, breakpoint] of spec.breakpoints.entries()) {
        const { count, gutter, column } = columnsAt(spec, breakpoint);
        const grid = together.grids[index]!;
        expect(count).toBe(grid.count);
        expect(Math.abs(gutter.valueOf() - grid.gutter)).toBeLessThanOrEqual(0.5);
        expect(Math.abs(column.valueOf() - grid.column)).toBeLessThanOrEqual(1.5);
      }
    }
  });
});

test('a sentence of what they have in common', () => {
  const { screens } = productOf(300);
  expect(togetherText(gridsTogether(screens)!)).toMatch(/^Together, at \d+, \d+, \d+: margins of .+ gutters of /);
});
