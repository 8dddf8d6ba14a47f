import { findingsOf } from '../../core/checks/run';
import { search } from '../../core/finder/search';
import { fluidColumns, newBreakpoint, newSpec } from '../../core/document/defaults';
import { solveLayout } from '../../core/layouts/solve-layout';
import type { Block, Spec } from '../../core/spec/schema';
import { placedFindings } from '../../core/sweep/placed-findings';
import { judge } from '../../core/checks/run';
import { NARROWEST_SWEPT, sweepWidths, WIDEST_SWEPT } from '../../core/sweep/sweep';

/** Medians of the sweep and the finder; beside the sweep its ratio to the floor, measured in the same run. */
const ROUNDS = 101;

function median(work: () => unknown): number {
  for (let round = 0; round < 60; round++) work(); // until the code is warm
  const times = Array.from({ length: ROUNDS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[(ROUNDS - 1) / 2]!;
}

const spec = newSpec('Six', [
  newBreakpoint({ id: 'phone', name: 'Phone', from: 0, width: 390, height: 844 }, fluidColumns(4, '16px', '16px')),
  newBreakpoint(
    { id: 'large', name: 'Large phone', from: 480, width: 560, height: 900 },
    fluidColumns(4, '20px', '20px'),
  ),
  newBreakpoint({ id: 'tablet', name: 'Tablet', from: 600, width: 744, height: 1133 }, fluidColumns(8, '16px', '32px')),
  newBreakpoint(
    { id: 'laptop', name: 'Laptop', from: 1024, width: 1280, height: 800 },
    fluidColumns(12, '24px', '40px'),
  ),
  newBreakpoint(
    { id: 'desktop', name: 'Desktop', from: 1360, width: 1440, height: 1024 },
    { ...fluidColumns(12, '24px', '0px'), margin: 'auto', container: '1152px' },
  ),
  newBreakpoint(
    { id: 'wide', name: 'Wide', from: 1760, width: 1920, height: 1080 },
    { ...fluidColumns(12, '32px', '48px'), container: { upTo: '1536px' } },
  ),
]);

/** Nothing but every edge of the same grids, in integers: what no sweep can be faster than. */
function floor(): number {
  const grids = [
    [240, 479, 4, 16, 16],
    [480, 599, 4, 20, 20],
    [600, 1023, 8, 16, 32],
    [1024, 1359, 12, 24, 40],
    [1360, 1759, 12, 24, 144],
    [1760, 3840, 12, 32, 192],
  ] as const;
  let checksum = 0;
  for (const [from, to, count, gutter, margin] of grids) {
    for (let width = from; width <= to; width++) {
      // in 1 / count px
      const column = width - margin * 2 - gutter * (count - 1);
      let start = margin * count;
      for (let index = 0; index < count; index++) {
        const end = start + column;
        checksum = (checksum + start + end) | 0;
        start = end + gutter * count;
      }
    }
  }
  return checksum;
}

const all = {
  widths: Array.from({ length: 1601 }, (_, index) => 320 + index),
  widthsAre: 'containers' as const,
  counts: Array.from({ length: 23 }, (_, index) => 2 + index),
  gutter: { from: 0, to: 96 },
  withinMargin: null,
  margin: { from: 0, to: 0 },
  outer: 'none' as const,
  multiples: { of: 8, gutter: true, margin: true, column: true },
  parts: [2, 3, 4, 6],
  leastColumn: 24,
  ratios: [1, 2, 3, 4],
  sameGutter: true,
};

const [floorTime, sweepTime, rulesTime] = [
  median(floor),
  median(() => sweepWidths(spec, NARROWEST_SWEPT, WIDEST_SWEPT)),
  median(() => placedFindings(spec, judge(spec, findingsOf(spec)))),
];
const whole = median(() => {
  sweepWidths(spec, NARROWEST_SWEPT, WIDEST_SWEPT);
  placedFindings(spec, judge(spec));
});
const finder = median(() => search(all, { column: 74, gutter: 24, container: 1152 }));

/** Twenty sections of ten blocks, in two lanes of five, on 4 to 12 columns. */
function twoHundredBlocks(): Spec {
  const block = (section: number, index: number): Block => ({
    id: `b${section}-${index}`,
    name: `Block ${index}`,
    holds: index % 3 === 0 ? { picture: '4/3' } : { area: 'plain' },
    at: {
      phone: { columns: [1, 4], height: { rows: 3 } },
      laptop: { columns: [(index % 5) * 2 + 1, (index % 5) * 2 + 2], lanes: index < 5 ? [1, 1] : [2, 2] },
    },
  });
  const sections = Array.from({ length: 20 }, (_, section) => ({
    id: `s${section}`,
    name: `Section ${section}`,
    tall: 'content' as const,
    space: { phone: { above: 3, between: [2], below: 3 } },
    blocks: Array.from({ length: 10 }, (_, index) => block(section, index)),
  }));
  return { ...spec, layouts: [{ id: 'page', name: 'Page', notes: '', sections }] };
}

const page = twoHundredBlocks();
// a document of its own each time, so that nothing is known of it yet
const solvedAlone = median(() => {
  for (const { reference } of page.breakpoints) solveLayout(page, page.layouts[0]!, reference.width);
});
const withRules = median(() => findingsOf({ ...page }));
const without = median(() => findingsOf({ ...page, layouts: [] }));

const ms = (time: number): string => `${time.toFixed(2).padStart(8)} ms`;
console.log(`\nSweep of ${NARROWEST_SWEPT}–${WIDEST_SWEPT}, 6 breakpoints, all rules (median of ${ROUNDS})`);
console.log(`  floor: every edge       ${ms(floorTime)}`);
console.log(`  widths alone            ${ms(sweepTime)}   ${(sweepTime / floorTime).toFixed(1)} × the floor`);
console.log(`  rules alone             ${ms(rulesTime)}   ${(rulesTime / floorTime).toFixed(1)} × the floor`);
console.log(
  `  sweep with all rules    ${ms(whole)}   ${(whole / floorTime).toFixed(1)} × the floor   goal: at most 10 ×, under 60 ms`,
);
console.log(`\nFinder: containers 320–1920, counts 2–24, gutters 0–96, all conditions (median of ${ROUNDS})`);
console.log(
  `  search                  ${ms(finder)}   ${(finder / floorTime).toFixed(1)} × the floor of the sweep   goal: under 250 ms`,
);
console.log(`\nA layout of 200 blocks at 6 breakpoints (median of ${ROUNDS})`);
console.log(`  solved                  ${ms(solvedAlone)}`);
console.log(`  solved and checked      ${ms(withRules - without)}   goal: at most 4 ms`);
