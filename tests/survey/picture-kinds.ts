import { type Random, randomOf } from '../browser/model/random';
import { chance, type Truth } from './generator';
import {
  bar,
  heading,
  rowOf,
  card,
  gradientCard,
  captioned,
  paragraph,
  icon,
  button,
  inBand,
  DARK,
  LIGHT,
  type Page,
} from './picture-parts';
import { documentOf, tableOf } from './picture-pages';

/** Screens that look like those of products, as HTML; the truth comes with each, null where there is no grid. */
export const PICTURED_KINDS = [
  'cards',
  'dark',
  'gradients',
  'photographs',
  'mixed',
  'bands',
  'text alone',
  'icons',
  'a table, no grid',
  'a document, no grid',
] as const;
export type PicturedKind = (typeof PICTURED_KINDS)[number];

export type PicturedScreen = { truth: Truth | null; html: string; width: number };

const PAINT: Record<PicturedKind, (page: Page) => void> = {
  cards: (page) => {
    heading(page);
    for (let row = 0; row < 4; row++) rowOf(page, card);
  },
  dark: (page) => {
    heading(page);
    for (let row = 0; row < 4; row++) rowOf(page, card);
  },
  gradients: (page) => {
    heading(page);
    for (let row = 0; row < 4; row++) rowOf(page, gradientCard);
  },
  photographs: (page) => {
    heading(page);
    for (let row = 0; row < 4; row++) rowOf(page, captioned);
  },
  mixed: (page) => {
    heading(page);
    for (const part of [captioned, card, paragraph, gradientCard, card]) rowOf(page, part);
  },
  bands: (page) => {
    heading(page);
    for (const [index, part] of [card, paragraph, captioned, card].entries()) {
      if (index % 2 === 0) inBand(page, part);
      else rowOf(page, part);
    }
  },
  'text alone': (page) => {
    heading(page);
    for (let row = 0; row < 5; row++) rowOf(page, paragraph);
  },
  icons: (page) => {
    heading(page);
    for (const part of [icon, button, icon, paragraph, icon]) rowOf(page, part);
  },
  'a table, no grid': (page) => {
    heading(page);
    tableOf(page);
  },
  'a document, no grid': (page) => documentOf(page),
};

/** A screen of a kind on a random grid, as HTML. */
export function pictureOfKind(kind: PicturedKind, seed: number): PicturedScreen {
  const random = randomOf(seed);
  const truth = screenGrid(random);
  const look = random.oneOf(kind === 'dark' ? DARK : LIGHT);
  const page: Page = { truth, random, look, y: 0, parts: [] };
  bar(page);
  PAINT[kind](page);
  const ground = kind === 'gradients' ? `linear-gradient(#fdfcfa,#e4ebf0)` : look.ground;
  const style = `*{margin:0;box-sizing:border-box}body{background:${ground};width:${truth.width}px;height:${page.y + 60}px;position:relative;overflow-x:hidden;color:${look.ink};font:16px/24px sans-serif}div{position:absolute}`;
  const html = `<!doctype html><style>${style}</style>${page.parts.join('')}`;
  return { truth: kind.endsWith('no grid') ? null : truth, html, width: truth.width };
}

/** A grid of a laptop or a tablet: margins alike, or a container in the middle. */
function screenGrid(random: Random): Truth {
  for (;;) {
    const width = random.whole(90, 200) * 8;
    const [count, gutter] = [random.oneOf([4, 6, 8, 12, 12, 12]), random.oneOf([12, 16, 20, 24, 24, 30, 32])];
    const start = chance(random, 0.5) ? random.whole(4, 24) * 4 : Math.round((width * random.whole(4, 14)) / 100);
    const column = (width - 2 * start - (count - 1) * gutter) / count;
    if (column >= 40 && column > gutter) return { count, gutter, column, start, end: width - start, width };
  }
}
