import { chromium } from '@playwright/test';
import { findGrids } from '../../core/survey/find-grids';
import { drawn, isRight } from '../../tests/survey/generator';
import { PICTURE_KINDS, pictureReader } from '../../tests/survey/pictured';

/** Two hundred random pages rendered to pictures of each kind: how often the true grid comes first; and the times. */
const SEEDS = Array.from({ length: Number(process.env['YPSILINE_SEEDS'] ?? 200) }, (_, index) => 20_001 + index);

const browser = await chromium.launch({ executablePath: process.env['YPSILINE_CHROMIUM']!, args: ['--no-sandbox'] });
try {
  const { pictured, read } = await pictureReader(browser);
  console.log(`\nSurvey of ${SEEDS.length} random pages, pictures`);
  for (const kind of PICTURE_KINDS) {
    for (const noise of ['plain', 'real'] as const) {
      const times: number[] = [];
      let [first, three] = [0, 0];
      for (const seed of SEEDS) {
        const { truth, screen } = drawn(seed, noise);
        const { boxes, ms } = await read(await pictured(screen, seed, kind), kind);
        times.push(ms);
        const found = findGrids([{ ...screen, boxes }]);
        if (isRight(found[0], truth)) first++;
        if (found.slice(0, 3).some((grid) => isRight(grid, truth))) three++;
      }
      const sorted = times.toSorted((a, b) => a - b);
      console.log(
        `  ${kind.type.padEnd(4)} ${kind.density}×, ${noise.padEnd(5)} noise   first ${first}, in the first three ${three}   goal: ${SEEDS.length * 0.9} first   p50 ${sorted[sorted.length >> 1]!.toFixed(0)} ms, longest ${sorted.at(-1)!.toFixed(0)} ms`,
      );
    }
  }
  const large = await read(await pictured(largePage(), 7, { type: 'png', density: 2 }), { type: 'png', density: 2 });
  console.log(`  2880 × 8000        ${large.boxes.length} boxes in ${large.ms.toFixed(0)} ms   goal: under 3,000 ms`);
} finally {
  await browser.close();
}

/** A page of 1440 × 4000 px, again and again the same one with real noise. */
function largePage() {
  const { screen } = drawn(20_003, 'real');
  const scale = 1440 / screen.width;
  const copies = Math.ceil(3960 / (screen.height * scale));
  const boxes = Array.from({ length: copies }, (_, copy) =>
    screen.boxes.map((box) => ({
      ...box,
      x: Math.round(box.x * scale),
      width: Math.round(box.width * scale),
      y: box.y + copy * screen.height,
    })),
  ).flat();
  return { name: 'Large', width: 1440, height: 3960, boxes: boxes.filter(({ y, height }) => y + height < 3960) };
}
