import { describe, expect, test } from 'vitest';
import { findGrids } from '../../core/survey/find-grids';
import { BOX_KINDS, screenOfKind } from '../survey/box-kinds';
import { NO_GRID_KINDS, screenWithoutGrid } from '../survey/no-grid-kinds';
import { isRight } from '../survey/generator';

/** Forty screens of each kind; `npm run bench survey` takes two hundred others. */
const SEEDS = Array.from({ length: 40 }, (_, index) => index + 501);

/** Of a page whose lower part has another grid, the one of few columns is now and then second. */
const LEAST: Partial<Record<(typeof BOX_KINDS)[number], number>> = { 'two grids': 37 };

let [sure, sureAndRight] = [0, 0];

describe('the true grid comes first on screens with', () => {
  for (const kind of BOX_KINDS) {
    test(kind, () => {
      const right = SEEDS.filter((seed) => {
        const { truth, screen } = screenOfKind(kind, seed);
        const [found] = findGrids([screen]);
        const isGood = isRight(found, truth);
        if (found?.isSure) sure++;
        if (found?.isSure && isGood) sureAndRight++;
        return isGood;
      });
      expect(right.length).toBeGreaterThanOrEqual(LEAST[kind] ?? 39);
    });
  }
});

describe('no grid is claimed, and none is sure, on screens of', () => {
  for (const kind of NO_GRID_KINDS) {
    test(kind, () => {
      const claimed = SEEDS.map((seed) => findGrids([screenWithoutGrid(kind, seed)])[0]).filter((grid) => grid);
      expect(claimed.length).toBeLessThanOrEqual(1);
      expect(claimed.filter((grid) => grid!.isSure)).toEqual([]);
    });
  }
});

test('what is said to be sure is right', () => {
  expect(sure).toBeGreaterThan(400);
  expect(sure - sureAndRight).toBeLessThanOrEqual(Math.ceil(sure * 0.005));
});
