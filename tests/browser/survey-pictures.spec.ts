import { expect, test } from '@playwright/test';
import { findGrids } from '../../core/survey/find-grids';
import { drawn, isRight } from '../survey/generator';
import { PICTURE_KINDS, pictureReader } from '../survey/pictured';

/** `npm run bench pictures` takes two hundred of each kind, of which 180 are to be right; `YPSILINE_LONG=1` takes more pages here as well. */
const SEEDS = process.env.YPSILINE_LONG ? [1, 2, 3, 4, 5, 6, 7, 8] : [1];

test(
  'the true grid of pages that Chromium rendered, as PNG and JPEG, at 1× and 2×',
  { tag: '@long' },
  async ({ browser }) => {
    test.setTimeout(400_000);
    const { pictured, read } = await pictureReader(browser);
    const missed: string[] = [];
    for (const kind of PICTURE_KINDS) {
      for (const noise of ['plain', 'real'] as const) {
        for (const seed of SEEDS) {
          const { truth, screen } = drawn(seed, noise);
          const { boxes } = await read(await pictured(screen, seed, kind), kind);
          const [found] = findGrids([{ ...screen, boxes }]);
          if (!isRight(found, truth)) missed.push(`${seed} ${noise} ${kind.type} ${kind.density}×`);
        }
      }
    }
    expect(missed.length, missed.join(', ')).toBeLessThanOrEqual((PICTURE_KINDS.length * 2 * SEEDS.length) / 10);
  },
);
