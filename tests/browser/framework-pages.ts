import { readFileSync } from 'node:fs';

/**
 * Pages written with the grids of open packages as they come from the registry, with the
 * numbers that the packages publish (their style sheets and documentation, at the versions in package-lock.json).
 */

const sheet = (path: string): string => readFileSync(`node_modules/${path}`, 'utf8');
export const WIDTHS = [420, 700, 900, 1100, 1300, 1600];

/** Spans of twelve in rows; on narrow screens quarters, since a twelfth is narrower than its gutter there. */
const ROWS = [
  [12],
  [6, 6],
  [4, 4, 4],
  [3, 3, 3, 3],
  [8, 4],
  [2, 10],
  [1, 5, 6],
  [7, 5],
  [2, 2, 2, 2, 2, 2],
  [9, 3],
  [1, 2, 9],
];
const QUARTERS = [[12], [6, 6], [3, 3, 3, 3], [9, 3], [3, 6, 3], [6, 3, 3]];

export type Package = {
  name: string;
  css: string;
  rows: (width: number) => number[][];
  row: (cells: string) => string;
  cell: (span: number, content: string) => string;
  around: (rows: string) => string;
  /** What is published: gutter, and where the content of the container starts. */
  truth: (width: number) => { count: number; gutter: number; start: number };
};

/** The least of the steps that a width reaches, or what holds below the first. */
const step = (width: number, steps: [from: number, value: number][], below: number): number =>
  steps.findLast(([from]) => width >= from)?.[1] ?? below;

const NAMES: Record<number, string> = {
  3: 'one-quarter',
  4: 'one-third',
  6: 'one-half',
  8: 'two-thirds',
  9: 'three-quarters',
  12: 'full',
};

export const PACKAGES: Package[] = [
  {
    name: 'bootstrap',
    css: sheet('bootstrap/dist/css/bootstrap.css'),
    rows: (width) => (width < 700 ? QUARTERS : ROWS),
    around: (rows) => `<div class="container">${rows}</div>`,
    row: (cells) => `<div class="row">${cells}</div>`,
    cell: (span, content) => `<div class="col-${span}">${content}</div>`,
    truth: (width) => {
      const container = step(
        width,
        [
          [576, 540],
          [768, 720],
          [992, 960],
          [1200, 1140],
          [1400, 1320],
        ],
        width,
      );
      return { count: width < 700 ? 4 : 12, gutter: 24, start: (width - container) / 2 + 12 };
    },
  },
  {
    name: 'bulma',
    css: sheet('bulma/css/bulma.css'),
    rows: (width) => (width < 700 ? QUARTERS : ROWS),
    around: (rows) => `<div class="container">${rows}</div>`,
    row: (cells) => `<div class="columns is-mobile">${cells}</div>`,
    cell: (span, content) => `<div class="column is-${span}">${content}</div>`,
    truth: (width) => {
      const container = step(
        width,
        [
          [1024, 960],
          [1216, 1152],
          [1408, 1344],
        ],
        width,
      );
      return { count: width < 700 ? 4 : 12, gutter: 24, start: (width - container) / 2 };
    },
  },
  {
    name: 'foundation-sites',
    css: sheet('foundation-sites/dist/css/foundation.css'),
    rows: (width) => (width < 700 ? QUARTERS : ROWS),
    around: (rows) => `<div class="grid-container">${rows}</div>`,
    row: (cells) => `<div class="grid-x grid-margin-x">${cells}</div>`,
    cell: (span, content) => `<div class="cell small-${span}">${content}</div>`,
    truth: (width) => {
      const padding = width < 640 ? 10 : 15;
      return { count: width < 700 ? 4 : 12, gutter: padding * 2, start: Math.max(0, (width - 1200) / 2) + padding };
    },
  },
  {
    name: 'purecss',
    css: sheet('purecss/build/pure.css'),
    rows: () => [[12], [6, 6], [4, 4, 4], [3, 3, 3, 3], [8, 4], [5, 7], [2, 2, 2, 2, 2, 2], [9, 3], [1, 11], [7, 5]],
    around: (rows) => rows,
    row: (cells) => `<div class="pure-g">${cells}</div>`,
    cell: (span, content) => `<div class="pure-u-${pureUnit(span)}">${content}</div>`,
    truth: () => ({ count: 12, gutter: 0, start: 0 }),
  },
  {
    name: 'govuk-frontend',
    css: sheet('govuk-frontend/dist/govuk/govuk-frontend.min.css'),
    rows: () => [[12], [6, 6], [4, 4, 4], [3, 3, 3, 3], [8, 4], [9, 3], [4, 8], [3, 9], [3, 6, 3], [6, 3, 3]],
    around: (rows) => `<div class="govuk-width-container">${rows}</div>`,
    row: (cells) => `<div class="govuk-grid-row">${cells}</div>`,
    cell: (span, content) => `<div class="govuk-grid-column-${NAMES[span]}">${content}</div>`,
    truth: (width) => ({ count: 12, gutter: 30, start: width < 1020 ? 30 : (width - 960) / 2 }),
  },
];

function pureUnit(span: number): string {
  const divisor = [12, 6, 4, 3, 2, 1].find((each) => span % each === 0 && 12 % each === 0)!;
  return `${span / divisor}-${12 / divisor}`.replace(/^1-1$/, '1');
}
