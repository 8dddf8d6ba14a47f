import { expect, test } from '@playwright/test';
import { findGrids } from '../../core/survey/find-grids';
import { drawn, isRight } from '../survey/generator';
import { PICTURED_KINDS, pictureOfKind } from '../survey/picture-kinds';
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

/** Right of forty; text alone and icons tell less of a grid. */
const LEAST: Partial<Record<(typeof PICTURED_KINDS)[number], number>> = { 'text alone': 32, icons: 30 };

test('the true grid of screens of each kind, and none where there is none', { tag: '@long' }, async ({ browser }) => {
  test.setTimeout(1_200_000);
  const { picturedPage, read } = await pictureReader(browser);
  for (const kind of PICTURED_KINDS) {
    const missed: number[] = [];
    let sureAndWrong = 0;
    for (let seed = 50_001; seed <= 50_040; seed++) {
      const form = { type: 'png', density: seed % 2 === 0 ? 2 : 1 } as const;
      const { truth, html, width } = pictureOfKind(kind, seed);
      const { boxes, height } = await read(await picturedPage(html, width, form), form);
      const [found] = findGrids([{ name: kind, width, height, boxes }]);
      if (truth ? isRight(found, truth) : !found) continue;
      missed.push(seed);
      if (found?.isSure) sureAndWrong++;
    }
    expect(40 - missed.length, `${kind}: ${missed.join(', ')}`).toBeGreaterThanOrEqual(LEAST[kind] ?? 37);
    expect(sureAndWrong, kind).toBeLessThanOrEqual(2);
  }
});
