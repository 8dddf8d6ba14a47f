import type { Random } from '../browser/model/random';
import { chance, type Truth } from './generator';

/** What the screens of products are made of, as HTML on the columns of a grid. */

const WORDS =
  'ferry tide slip harbour crossing morning boat ticket school bell quay north sound island wind rope Departs Tomorrow Wharf Bring Tide Lantern every hour between and from the'.split(
    ' ',
  );

/** What a page is painted in. */
type Look = { ground: string; paper: string; ink: string; faint: string; line: string; accent: string; radius: number };

export const LIGHT: readonly Look[] = [
  {
    ground: '#ffffff',
    paper: '#f3f4f6',
    ink: '#20262c',
    faint: '#5c6670',
    line: '#d5d9de',
    accent: '#0b6e6e',
    radius: 8,
  },
  {
    ground: '#f6f7f9',
    paper: '#ffffff',
    ink: '#1d2126',
    faint: '#6a737c',
    line: '#dfe3e8',
    accent: '#8a3f1d',
    radius: 0,
  },
  {
    ground: '#faf8f4',
    paper: '#ffffff',
    ink: '#2b2620',
    faint: '#736a5e',
    line: '#e3ddd2',
    accent: '#345f2f',
    radius: 16,
  },
];
export const DARK: readonly Look[] = [
  {
    ground: '#15181b',
    paper: '#22272c',
    ink: '#eef1f4',
    faint: '#a4adb6',
    line: '#3a424a',
    accent: '#6cc3c3',
    radius: 8,
  },
  {
    ground: '#1c2024',
    paper: '#2b3138',
    ink: '#f2f2ef',
    faint: '#9aa4ae',
    line: '#444d57',
    accent: '#e0a050',
    radius: 4,
  },
];

/** A page under way: what it stands on, and how far down it is. */
export type Page = { truth: Truth; random: Random; look: Look; y: number; parts: string[] };

export const words = (random: Random, count: number): string =>
  Array.from({ length: count }, () => random.oneOf(WORDS)).join(' ');

export function put(
  { parts }: Page,
  x: number,
  y: number,
  width: number,
  height: number | null,
  style: string,
  inner = '',
): void {
  const high = height === null ? '' : `height:${height}px;`;
  parts.push(`<div style="left:${x}px;top:${y}px;width:${width}px;${high}${style}">${inner}</div>`);
}

/** A bar over the whole width: a name at the start of the container, places to go at its end. */
export function bar(page: Page): void {
  const { truth, random, look } = page;
  put(page, 0, 0, truth.width, 64, `background:${look.paper};border-bottom:1px solid ${look.line}`);
  put(page, truth.start, 20, 200, 24, 'font-weight:700', words(random, 1));
  const wide = truth.end - truth.start - 220;
  put(
    page,
    truth.start + 220,
    20,
    wide,
    24,
    `text-align:end;white-space:nowrap;overflow:hidden;color:${look.faint}`,
    words(random, 4),
  );
  page.y = 64 + random.whole(4, 8) * 8;
}

export function heading(page: Page): void {
  const { truth, random } = page;
  put(
    page,
    truth.start,
    page.y,
    truth.end - truth.start,
    48,
    'font:700 38px/48px sans-serif;white-space:nowrap;overflow:hidden',
    words(random, random.whole(2, 4)),
  );
  page.y += 48 + 24;
}

type Part = (page: Page, x: number, width: number, y: number, height: number) => number;

/** Spans that pages have: thirds, quarters, halves, and two that differ. */
function spansOf({ count }: Truth, random: Random): number[] {
  const even = [2, 3, 4].filter((each) => count % each === 0 && count / each >= 1);
  if (chance(random, 0.65)) {
    const each = count / random.oneOf(even);
    return Array.from({ length: count / each }, () => each);
  }
  const first = random.whole(Math.ceil(count / 4), Math.floor((count * 3) / 4));
  return chance(random, 0.5) ? [first, count - first] : [count - first, first];
}

export function rowOf(page: Page, part: Part): void {
  const { truth, random } = page;
  const height = random.whole(18, 40) * 8;
  let [from, foot] = [0, page.y];
  for (const span of spansOf(truth, random)) {
    const x = truth.start + from * (truth.column + truth.gutter);
    const width = span * truth.column + (span - 1) * truth.gutter;
    // a place in ten stays empty
    if (!chance(random, 0.1)) foot = Math.max(foot, part(page, x, width, page.y, height));
    from += span;
  }
  page.y = Math.max(foot, page.y) + random.oneOf([24, 32, 48]);
}

export const photo = (random: Random): string =>
  `background:repeating-linear-gradient(${random.whole(10, 80)}deg,#7a94a8 0 7px,#a6b8a0 9px 22px,#54687a 30px 41px),radial-gradient(#fff,#246);background-blend-mode:overlay`;

export const card: Part = (page, x, width, y, height) => {
  const { random, look } = page;
  const outline = random.oneOf([`border:1px solid ${look.line}`, 'box-shadow:0 2px 10px rgba(0,0,0,.25)', '']);
  put(page, x, y, width, height, `background:${look.paper};border-radius:${look.radius}px;${outline};overflow:hidden`);
  const padding = random.oneOf([12, 16, 20, 24]);
  const room = width - 2 * padding;
  put(page, x + padding, y + padding, room, 24, 'font-weight:700;white-space:nowrap;overflow:hidden', words(random, 3));
  put(
    page,
    x + padding,
    y + padding + 32,
    room,
    Math.max(24, Math.floor((height - padding - 32 - padding) / 24) * 24),
    `color:${look.faint};overflow:hidden`,
    words(random, random.whole(6, 40)),
  );
  return y + height;
};

export const gradientCard: Part = (page, x, width, y, height) => {
  const { random, look } = page;
  const [one, other] = random.oneOf([
    ['#d8e6ef', '#8fb0c4'],
    ['#f1e0c8', '#c99a6b'],
    ['#dcebd8', '#7da078'],
  ] as const);
  put(
    page,
    x,
    y,
    width,
    height,
    `background:linear-gradient(${random.whole(0, 180)}deg,${one},${other});border-radius:${look.radius}px`,
  );
  put(
    page,
    x + 20,
    y + 20,
    width - 40,
    24,
    'font-weight:700;color:#1d2126;white-space:nowrap;overflow:hidden',
    words(random, 3),
  );
  return y + height;
};

/** A photograph with a line or two under it. */
export const captioned: Part = (page, x, width, y, height) => {
  const { random, look } = page;
  put(page, x, y, width, height, photo(random));
  put(page, x, y + height + 12, width, 48, `color:${look.faint};overflow:hidden`, words(random, random.whole(4, 14)));
  return y + height + 60;
};

export const paragraph: Part = (page, x, width, y) => {
  const { random } = page;
  put(
    page,
    x,
    y,
    width,
    32,
    'font:700 22px/32px sans-serif;white-space:nowrap;overflow:hidden',
    words(random, random.whole(1, 3)),
  );
  const lines = random.whole(3, 7);
  put(page, x, y + 40, width, lines * 24, 'overflow:hidden', words(random, 120));
  return y + 40 + lines * 24;
};

/** A drawing of 40 px in the middle of its columns, a word under it. */
export const icon: Part = (page, x, width, y) => {
  const { random, look } = page;
  const shape = random.oneOf(['50%', '8px', '50% 0']);
  put(page, x + width / 2 - 20, y, 40, 40, `background:${look.accent};border-radius:${shape}`);
  put(
    page,
    x,
    y + 52,
    width,
    24,
    'text-align:center;white-space:nowrap;overflow:hidden',
    words(random, random.whole(1, 2)),
  );
  return y + 76;
};

/** A button over all of its columns. */
export const button: Part = (page, x, width, y) => {
  const { random, look } = page;
  put(
    page,
    x,
    y,
    width,
    48,
    `background:${look.accent};color:${look.ground};border-radius:${look.radius}px;font:700 16px/48px sans-serif;text-align:center;overflow:hidden`,
    words(random, 1),
  );
  return y + 48;
};

/** A band over the whole width with a row within. */
export function inBand(page: Page, part: Part): void {
  const { truth, random } = page;
  const top = page.y;
  const at = page.parts.length;
  page.y += 40;
  rowOf(page, part);
  const colour = random.oneOf(['#dfe9ec', '#2a4858', '#efe3d2', '#33424f']);
  const band: Page = { ...page, parts: [] };
  put(band, 0, top, truth.width, page.y - top + 16, `background:${colour}`);
  page.parts.splice(at, 0, ...band.parts);
  page.y += 16 + 40;
}
