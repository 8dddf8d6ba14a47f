import { expect, test } from 'vitest';
import { readSite } from './read-site';
import type { SiteGrid } from './columns-in';

const at = (css: string, width: number) => {
  const { value } = readSite([css]);
  const grid = value!.grids.at(value!.system!, width);
  if ('why' in grid) return grid.why;
  const { count, column, gutter, start, end } = grid as SiteGrid;
  return [count, ...[column, gutter, start, end].map((length) => length.valueOf())];
};

// CSS Grid Layout 2, sections 7.2 and 10.1; CSS 2.2, section 10.3.3: worked out by hand
test.each<[string, string, number, (number | string)[]]>([
  [
    'equal shares between paddings',
    '.page { display: grid; grid-template-columns: repeat(12, 1fr); gap: 8px 24px; padding: 0 16px; }',
    1000,
    [12, 58.666666666666664, 24, 16, 984],
  ],
  [
    'in the middle of a container',
    '.wrap { max-width: 1200px; margin: 0 auto; } .wrap .cols { display: grid; grid-template-columns: repeat(6, minmax(0, 1fr)); column-gap: 30px; }',
    1600,
    [6, 175, 30, 200, 1400],
  ],
  [
    'width that min() says',
    '.page { display: grid; width: min(100% - 4rem, 960px); margin-inline: auto; grid-template-columns: repeat(4, 1fr); gap: 20px }',
    1100,
    [4, 225, 20, 70, 1030],
  ],
  [
    'tracks of a length in the middle',
    '.page { display: grid; grid-template-columns: repeat(10, 60px); column-gap: 20px; justify-content: center }',
    1000,
    [10, 60, 20, 110, 890],
  ],
  // a gutter that goes by the height of the screen is another on every screen of a width
  [
    'a gap of the height is not read',
    '.page { display: grid; grid-template-columns: repeat(12, 1fr); gap: 20px } @media (min-width: 900px) { .page { column-gap: 2vh } }',
    1000,
    'its gap “2vh” can’t be read' as never,
  ],
  [
    'a padding of the height is not read',
    '.page { display: grid; grid-template-columns: repeat(12, 1fr); gap: 20px } @media (min-width: 900px) { .page { padding: 0 3dvh } }',
    1000,
    'padding-left is “3dvh”, which can’t be read' as never,
  ],
  [
    'as many as fit',
    '.page { display: grid; grid-template-columns: repeat(auto-fill, 100px); column-gap: 20px }',
    1000,
    [8, 100, 20, 0, 940],
  ],
  [
    'as many as fit share what is left',
    '.page { display: grid; grid-template-columns: repeat(auto-fill, minmax(200px, 1fr)); gap: 24px }',
    1000,
    [4, 232, 24, 0, 1000],
  ],
  [
    'floats with paddings',
    '*{box-sizing:border-box} .col-1{width:25%} .col-2{width:50%} .col-3{width:75%} .col-4{width:100%} .row{margin:0 -10px} .row > *{float:left;padding:0 10px} .container{width:960px;margin:0 auto}',
    1000,
    [4, 225, 20, 20, 980],
  ],
  [
    'shares less a gutter',
    '.cell-1{width:calc(25% - 20px);margin:0 10px} .cell-2{width:calc(50% - 20px);margin:0 10px} .cell-3{width:calc(75% - 20px);margin:0 10px} .cell-4{width:calc(100% - 20px);margin:0 10px} .row{display:flex;flex-wrap:wrap}',
    1000,
    [4, 230, 20, 10, 990],
  ],
])('%s', (_, css, width, expected) => expect(at(css, width)).toEqual(expected));

test('a grid of unlike tracks is none of columns, and nothing is made up', () => {
  const { value } = readSite(['.page { display: grid; grid-template-columns: 200px 1fr 300px }']);
  expect(value!.system).toBeNull();
});

test('the cascade decides: layers, specificity, order, importance', () => {
  const grid = (more: string) => `.page { display: grid; grid-template-columns: repeat(4, 1fr); gap: 10px } ${more}`;
  const gutter = (more: string) => (at(grid(more), 1000) as number[])[2];
  expect(gutter('.page { gap: 20px }')).toBe(20);
  expect(gutter('@layer x { .page { gap: 20px } }')).toBe(10);
  expect(gutter('@layer x { .page { gap: 20px !important } }')).toBe(20);
  expect(gutter('body .page { gap: 30px } .page { gap: 20px }')).toBe(30);
  expect(gutter(':root { --g: 40px } .page { gap: var(--g) }')).toBe(40);
  expect(gutter('.page:hover { gap: 20px }')).toBe(10);
});

test('classes that are named are looked at in place of the likeliest', () => {
  const css =
    '.a-wrap{max-width:900px;margin:auto} .b-wrap{max-width:600px;margin:auto} .cols{display:grid;grid-template-columns:repeat(4,1fr)}';
  const width = (container?: string) => {
    const { value } = readSite([css], container ? { container } : {});
    const grid = value!.grids.at(value!.system!, 1000) as SiteGrid;
    return grid.end.sub(grid.start).valueOf();
  };
  expect([width(), width('b-wrap')]).toEqual([900, 600]);
});
