import { chromium } from '@playwright/test';
import { findGrids } from '../../core/survey/find-grids';
import { drawn, isRight } from '../../tests/survey/generator';
import { PICTURED_KINDS, pictureOfKind } from '../../tests/survey/picture-kinds';
import { PICTURE_KINDS, pictureReader } from '../../tests/survey/pictured';

/** Two hundred random pages rendered to pictures of each kind: how often the true grid comes first; and the times. */
const SEEDS = Array.from({ length: Number(process.env['YPSILINE_SEEDS'] ?? 200) }, (_, index) => 20_001 + index);

const browser = await chromium.launch({ executablePath: process.env['YPSILINE_CHROMIUM']!, args: ['--no-sandbox'] });
try {
  const { pictured, picturedPage, read } = await pictureReader(browser);
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
  console.log(`\nScreens of each kind, as PNG at 1× and 2×: first place of ${SEEDS.length}`);
  for (const kind of PICTURED_KINDS) {
    let [first, sure, sureAndRight] = [0, 0, 0];
    for (const [index, seed] of SEEDS.entries()) {
      const form = { type: 'png', density: index % 2 === 0 ? 1 : 2 } as const;
      const { truth, html, width } = pictureOfKind(kind, seed);
      const { boxes, height } = await read(await picturedPage(html, width, form), form);
      const [found] = findGrids([{ name: kind, width, height, boxes }]);
      const isGood = truth ? isRight(found, truth) : !found;
      if (isGood) first++;
      if (found?.isSure) sure++;
      if (found?.isSure && isGood) sureAndRight++;
    }
    console.log(
      `  ${kind.padEnd(20)} ${(first / SEEDS.length).toFixed(3)}   sure ${sure}, right of them ${sureAndRight}`,
    );
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
