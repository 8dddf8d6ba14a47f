import { findGrids } from '../../core/survey/find-grids';
import type { Screen } from '../../core/survey/screens';
import { BOX_KINDS, screenOfKind } from '../../tests/survey/box-kinds';
import { NO_GRID_KINDS, screenWithoutGrid } from '../../tests/survey/no-grid-kinds';
import { drawn, isRight, strewn } from '../../tests/survey/generator';

/** Two hundred random pages of each kind: how often the true grid comes first, and among the first three; and the times. */
const SEEDS = Array.from({ length: 200 }, (_, index) => 10_001 + index);

function timed<T>(times: number[], work: () => T): T {
  const began = performance.now();
  const value = work();
  times.push(performance.now() - began);
  return value;
}

const at = (times: number[], share: number): string =>
  times.toSorted((a, b) => a - b)[Math.floor((times.length - 1) * share)]!.toFixed(1);

console.log('\nSurvey of 200 random pages, boxes');
for (const [noise, goal] of [
  ['plain', 198],
  ['real', 195],
] as const) {
  const times: number[] = [];
  let [first, three] = [0, 0];
  for (const seed of SEEDS) {
    const { truth, screen } = drawn(seed, noise);
    const found = timed(times, () => findGrids([screen]));
    if (isRight(found[0], truth)) first++;
    if (found.slice(0, 3).some((grid) => isRight(grid, truth))) three++;
  }
  console.log(
    `  ${noise.padEnd(6)} noise   first ${first}, in the first three ${three}   goal: ${goal} first   p50 ${at(times, 0.5)} ms, p95 ${at(times, 0.95)} ms`,
  );
}
const none = SEEDS.filter((seed) => findGrids([strewn(seed)]).length === 0).length;
console.log(`  random boxes   none found ${none}   goal: 195`);

console.log('\nSurvey of 200 screens of each kind, boxes: first place, goal 0.98');
let [sure, sureAndRight] = [0, 0];
for (const kind of BOX_KINDS) {
  const found = SEEDS.map((seed) => {
    const { truth, screen } = screenOfKind(kind, seed);
    const [first] = findGrids([screen]);
    return { isRight: isRight(first, truth), isSure: first?.isSure ?? false };
  });
  sure += found.filter((each) => each.isSure).length;
  sureAndRight += found.filter((each) => each.isSure && each.isRight).length;
  console.log(`  ${kind.padEnd(26)} ${(found.filter((each) => each.isRight).length / SEEDS.length).toFixed(3)}`);
}
for (const kind of NO_GRID_KINDS) {
  const found = SEEDS.map((seed) => findGrids([screenWithoutGrid(kind, seed)])[0]);
  sure += found.filter((grid) => grid?.isSure).length;
  console.log(`  none: ${kind.padEnd(20)} ${(found.filter((grid) => !grid).length / SEEDS.length).toFixed(3)}`);
}
console.log(
  `  said to be sure ${sure}, right of them ${sureAndRight}   goal: 0.995, ${(sureAndRight / sure).toFixed(4)}`,
);

/** A page of 5,000 boxes: one with real noise, again and again down the page. */
function fiveThousand(): Screen {
  const { screen } = drawn(10_007, 'real');
  const boxes = Array.from({ length: 5000 }, (_, index) => {
    const box = screen.boxes[index % screen.boxes.length]!;
    return { ...box, y: box.y + Math.floor(index / screen.boxes.length) * screen.height };
  });
  return { ...screen, boxes };
}

const large = fiveThousand();
const largeTimes: number[] = [];
for (let round = 0; round < 9; round++) timed(largeTimes, () => findGrids([large]));
console.log(`  5,000 boxes    p50 ${at(largeTimes, 0.5)} ms   goal: under 150 ms`);
