import { describe, expect, test } from 'vitest';
import { exactText, px } from '../length/px';
import type { Block, Breakpoint, Layout, Placement, Rows, Section, Spec } from '../spec/schema';
import { breakpointOf, dividedRows, specWith } from '../spec/testing';
import { solveLayout } from './solve-layout';

/** Tables worked out by hand; the numbers of the grids are common practice, no source. */

const rowsOf = (height: string, gap: string, offset = '0px'): Rows => ({ rule: 'repeat', height, gap, offset });
const phone = { ...breakpointOf({ margin: '20px', count: 4, gutter: '16px' }, 412, { id: 'phone', height: 915 }) };
const desktop = {
  ...breakpointOf({ margin: 'auto', container: '1296px', gutter: '24px' }, 1512, {
    id: 'desktop',
    from: 1416,
    height: 982,
  }),
};
const withRows = (rows: Rows | null, baseline: Breakpoint['baseline'] = null): Spec =>
  specWith({ ...phone, rows, baseline }, { ...desktop, rows, baseline });

const area = (id: string, at: Record<string, Placement>): Block => ({ id, name: id, holds: { area: 'plain' }, at });
const picture = (id: string, ratio: string, at: Record<string, Placement>): Block => ({
  id,
  name: id,
  holds: { picture: ratio },
  at,
});
const section = (id: string, blocks: Block[], some: Partial<Section> = {}): Section => ({
  id,
  name: id,
  tall: 'content',
  space: {},
  blocks,
  ...some,
});
const layout = (...sections: Section[]): Layout => ({ id: 'page', name: 'Page', notes: '', sections });
const at1512 = (spec: Spec, ...sections: Section[]) => solveLayout(spec, layout(...sections), 1512);
const box = (solved: ReturnType<typeof solveLayout>, id: string) => {
  const block = solved.blocks.find((each) => each.id === id)!;
  return [block.x, block.y, block.width, block.height].map(exactText);
};

describe('across', () => {
  test('12 columns of 86, gutter 24: columns 8–12 are 526 wide from x 878 with margin 108', () => {
    const solved = at1512(withRows(null), section('one', [area('a', { desktop: { columns: [8, 12] } })]));
    expect(box(solved, 'a').filter((_, index) => index % 2 === 0)).toEqual(['878', '526']);
  });

  test.each<[Placement, string, string]>([
    [{ columns: [1, 6] }, '108', '636'],
    // five columns with their gutters, and half of the sixth: 5 · 110 + 43
    [{ columns: [1, 5.5] }, '108', '593'],
    [{ columns: [8, 12], leaves: [{ side: 'end', to: 'screen', reason: 'Runs out.' }] }, '878', '634'],
    [{ columns: [1, 12], leaves: [{ side: 'start', to: '8px', reason: 'Hangs.' }] }, '100', '1304'],
    [{ columns: [1, 1], leaves: [{ side: 'end', to: { ofColumn: '1/2' }, reason: 'Hangs.' }] }, '108', '129'],
    [{ columns: [1, 1], leaves: [{ side: 'start', to: 'margin', reason: 'Stays.' }] }, '108', '86'],
  ])('%j begins at %s and is %s wide', (placement, x, width) => {
    const solved = at1512(withRows(null), section('one', [area('a', { desktop: placement })]));
    expect(box(solved, 'a').filter((_, index) => index % 2 === 0)).toEqual([x, width]);
  });

  test('a line goes to its share of the columns, or to the nearest; what no column is left for takes all in a lane of its own', () => {
    const blocks = [
      area('left', { phone: { columns: [1, 2], lanes: [1, 1] } }),
      area('right', { phone: { columns: [3, 4], lanes: [1, 1] } }),
      area('all', { phone: { columns: [1, 4], lanes: [2, 2] } }),
      area('odd', { phone: { columns: [1, 3], lanes: [3, 3] } }),
    ];
    const of = (count: number) => {
      const spec = specWith(phone, { ...desktop, columns: { ...desktop.columns, count } });
      return solveLayout(spec, layout(section('one', blocks)), 1512).blocks.map(({ placed: { columns, lanes } }) => [
        ...columns,
        ...lanes,
      ]);
    };
    expect(of(12)).toEqual([
      [1, 6, 1, 1],
      [7, 12, 1, 1],
      [1, 12, 2, 2],
      [1, 9, 3, 3],
    ]);
    // line 2 of 4 is line 2½ of 5
    expect(of(5)).toEqual([
      [1, 3, 1, 1],
      [4, 5, 1, 1],
      [1, 5, 2, 2],
      [1, 4, 3, 3],
    ]);
    // line 2 of 4 is line ½ of 1: on the right no column is left
    expect(of(1)).toEqual([
      [1, 1, 1, 1],
      [1, 1, 2, 2],
      [1, 1, 3, 3],
      [1, 1, 4, 4],
    ]);
  });
});

describe('down', () => {
  const two = (between: number, above = 0, below = 0) =>
    section(
      'one',
      [
        area('a', { phone: { lanes: [1, 1], height: { rows: 2 } } }),
        area('b', { phone: { lanes: [2, 2], height: { rows: 3 } } }),
      ],
      { space: { phone: { above, between: [between], below } } },
    );
  const gaps = (spec: Spec, ...sections: Section[]) =>
    at1512(spec, ...sections).space.map(({ kind, rows, px }) => [kind, rows, exactText(px)]);

  test('rows 20 high with gaps of 5: 7 rows of white space between a foot and a head are 180', () => {
    expect(gaps(withRows(rowsOf('20px', '5px')), two(7))[1]).toEqual(['area to area', 7, '180']);
  });

  test('8 and 8: 3 rows are 56', () => {
    expect(gaps(withRows(rowsOf('8px', '8px')), two(3))[1]).toEqual(['area to area', 3, '56']);
  });

  test('rows go on through sections; each ends where the next begins, the last with its last row', () => {
    const solved = at1512(withRows(rowsOf('20px', '5px', '10px')), two(1, 2, 1), { ...two(0, 1, 2), id: 'two' });
    // 2 above, 2, 1 between, 3, 1 below: rows 1–9, the next section begins with row 10 at 10 + 9 · 25
    expect(solved.sections.map(({ id, top, height }) => [id, exactText(top), exactText(height)])).toEqual([
      ['one', '0', '235'],
      ['two', '235', '195'],
    ]);
    expect(solved.blocks.map(({ rows }) => rows)).toEqual([
      [3, 4],
      [6, 8],
      [11, 12],
      [13, 15],
    ]);
    // the last row is 17: 10 + 16 · 25 + 20
    expect(exactText(solved.height)).toBe('430');
  });

  test('a 16/9 picture over 5 columns of 86 and 4 gutters is 2367/8 high, and takes the rows that hold it', () => {
    const tall = section('one', [picture('p', '16/9', { desktop: { columns: [1, 5] } }), area('b', {})]);
    const solved = at1512(withRows(rowsOf('20px', '5px')), tall);
    expect(box(solved, 'p')).toEqual(['108', '0', '526', '2367/8']);
    // 12 rows are 295, which is 7/8 px too low
    expect(solved.blocks.map(({ rows }) => rows)).toEqual([
      [1, 13],
      [14, 14],
    ]);
  });

  test('a block beside several lanes grows the last of them; one as tall as its lanes does not', () => {
    const beside = (height: Placement['height']) => [
      area('a', { phone: { columns: [1, 2], lanes: [1, 1], height: { rows: 2 } } }),
      area('b', { phone: { columns: [1, 2], lanes: [2, 2], height: { rows: 1 } } }),
      area('tall', { phone: { columns: [3, 4], lanes: [1, 2], height: height! } }),
    ];
    const spec = withRows(rowsOf('20px', '5px'));
    const space = { phone: { above: 0, between: [1], below: 0 } };
    const heights = (height: Placement['height']) =>
      at1512(spec, section('one', beside(height), { space })).blocks.map((block) => exactText(block.height));
    expect(heights({ rows: 6 })).toEqual(['45', '20', '145']);
    expect(heights('lanes')).toEqual(['45', '20', '95']);
    const grown = at1512(spec, section('one', beside({ rows: 6 }), { space }));
    expect(exactText(grown.height)).toBe('145');
  });

  test('where it stands in its lane', () => {
    const stands = (where: Placement['stands']) => {
      const blocks = [
        area('tall', { phone: { columns: [1, 2], lanes: [1, 1], height: { rows: 5 } } }),
        picture('p', '10/1', { phone: { columns: [3, 4], lanes: [1, 1], stands: where! } }),
      ];
      const { y, rows } = at1512(withRows(rowsOf('20px', '5px')), section('one', blocks)).blocks[1]!;
      return [exactText(y), ...rows];
    };
    // 63.6 px high in 120
    expect(stands('top')).toEqual(['0', 1, 3]);
    expect(stands('foot')).toEqual(['282/5', 3, 5]);
    expect(stands('middle')).toEqual(['141/5', 2, 4]);
  });

  test('a section as tall as the screen, with divided rows and without', () => {
    const screen = section('one', [area('a', { phone: { height: 'section' } })], { tall: 'screen' });
    const after = section('two', [area('b', { phone: { height: { rows: 1 } } })]);
    const divided = { ...desktop, rows: dividedRows(), baseline: { step: '4px', offset: '0px' } };
    const solve = (breakpoint: Breakpoint) =>
      solveLayout(specWith(phone, breakpoint), layout(screen, after), 1512, 1500);
    // held at 1200; the next section counts baselines from its own top
    expect(box(solve(divided), 'a')[3]).toBe('1200');
    expect(box(solve(divided), 'b').filter((_, index) => index % 2)).toEqual(['1200', '4']);
    // with bands of 20 and 5, the first head that is not above 1500 is that of row 61
    const bands = solve({ ...desktop, rows: rowsOf('20px', '5px') });
    expect(box(bands, 'a')[3]).toBe('1500');
    expect(box(bands, 'b').filter((_, index) => index % 2)).toEqual(['1500', '20']);
    expect(bands.blocks[1]!.rows).toEqual([61, 61]);
  });

  test('space that is not given follows from the narrower breakpoint, and a short list goes on', () => {
    const three = section(
      'one',
      ['a', 'b', 'c', 'd'].map((id, index) =>
        area(id, { phone: { lanes: [index + 1, index + 1], height: { rows: 1 } } }),
      ),
      { space: { phone: { above: 4, between: [1, 2] }, desktop: { below: 5 } } },
    );
    expect(gaps(withRows(rowsOf('20px', '5px')), three).map(([, rows]) => rows)).toEqual([4, 1, 2, 2, 5]);
  });
});

test('what leaves nothing to count is counted in something else', () => {
  const one = section('one', [area('a', { phone: { height: { rows: 3 } } })]);
  const height = (spec: Spec): string => exactText(at1512(spec, one).height);
  const baseless = withRows(null);
  expect(height(baseless)).toBe('24');
  // a base unit of 0: in px
  expect(height({ ...baseless, spacing: { ...baseless.spacing, base: '0px' } })).toBe('3');
  // divided rows of less than nothing, in a screen of 982: in base units
  const none = dividedRows({ marginTop: '2000px' });
  const screen = section('one', [area('a', { phone: { height: { rows: 3 } } })], { tall: 'screen' });
  expect(exactText(at1512(withRows(none), screen).blocks[0]!.height)).toBe('24');
});

test('a ratio with decimals', () => {
  const tall = section('one', [picture('p', '1.5/2', { desktop: { columns: [1, 1] } })]);
  expect(box(at1512(withRows(null), tall), 'p')[3]).toBe('344/3');
});

describe('cards', () => {
  const card = (columns: 'page' | { count: number; gutter: string }): Block => ({
    id: 'card',
    name: 'Card',
    holds: {
      card: {
        padding: '20px',
        columns,
        space: { phone: { above: 0, between: [1], below: 0 } },
        blocks: [
          area('left', { phone: { columns: [1, 1], lanes: [1, 1], height: { rows: 2 } } }),
          area('low', { phone: { columns: [1, 1], lanes: [2, 2], height: { rows: 1 } } }),
        ],
      },
    },
    at: { desktop: { columns: [1, 4] } },
  });
  const spec = withRows(rowsOf('20px', '5px'));

  test('on columns of their own', () => {
    // columns 1–4 are 416 wide; less twice 20 that is 376, in 2 columns with a gutter of 16: 180
    const solved = at1512(spec, section('one', [card({ count: 2, gutter: '16px' })]));
    expect(box(solved, 'card')).toEqual(['108', '0', '416', '135']);
    expect(box(solved, 'left')).toEqual(['128', '20', '180', '45']);
    expect(box(solved, 'low')).toEqual(['128', '95', '180', '20']);
    expect(solved.blocks[1]!.card).toBe('card');
  });

  test('on the page’s columns under them, less the padding', () => {
    const solved = at1512(spec, section('one', [card('page')]));
    // the one column of the phone's four is a quarter of the card: its first column, from the padding on
    expect(box(solved, 'left').filter((_, index) => index % 2 === 0)).toEqual(['128', '66']);
  });
});

describe('rows that divide the screen are what a screen counts', () => {
  // common practice, no source: six rows in a screen of 900 with gaps and margins of 20; three of them
  test.each([
    [900, '420'],
    // (1000 − 2 · 20 − 5 · 20) / 6 = 143⅓, three with two gaps
    [1000, '470'],
  ])('three of six in %i px are %s high', (height, three) => {
    const spec = specWith({ ...desktop, rows: dividedRows(), baseline: { step: '4px', offset: '0px' } });
    const blocks = [
      area('a', { desktop: { height: { rows: 3 } } }),
      {
        ...area('card', { desktop: { height: 'lanes' } }),
        holds: card([area('in', { desktop: { height: { rows: 1 } } })]),
      },
    ];
    const inScreen = solveLayout(
      spec,
      layout(section('one', blocks, { tall: 'screen', space: { desktop: { between: [1] } } })),
      1512,
      height,
    );
    expect(box(inScreen, 'a')[3]).toBe(three);
    const row = exactText(px(height).sub(140).div(6));
    expect(box(inScreen, 'in')[3]).toBe(row);
    expect(inScreen.space.map(({ unit }) => unit)).toEqual(['row', 'row', 'row']);
    // beside a screen, baselines are counted, and are called so
    const beside = solveLayout(
      spec,
      layout(section('one', [blocks[0]!], { space: { desktop: { above: 6 } } })),
      1512,
      height,
    );
    expect([box(beside, 'a')[3], exactText(beside.space[0]!.px), beside.space[0]!.unit]).toEqual([
      '12',
      '24',
      'baseline',
    ]);
  });
});

describe('what follows', () => {
  const counts = (...columns: number[]): Spec =>
    specWith(
      ...columns.map((count, index) => ({
        ...breakpointOf({ count, gutter: '16px', margin: '20px' }, 200 + index * 400, {
          id: `b${index}`,
          from: index * 400,
        }),
        rows: null,
      })),
    );

  test('in a card on the page’s columns goes by the card’s own: what fills it fills it', () => {
    const inner = area('in', { b0: { columns: [1, 2] } });
    const blocks: Block[] = [{ ...area('card', { b0: { columns: [1, 2] } }), holds: card([inner]) }];
    const spec = counts(4, 8, 12);
    const columns = [200, 600, 1000].map((width) => {
      const solved = solveLayout(spec, layout(section('one', blocks)), width);
      return ['card', 'in'].map((id) => solved.blocks.find((each) => each.id === id)!.placed.columns);
    });
    expect(columns).toEqual([
      [
        [1, 2],
        [1, 2],
      ],
      [
        [1, 4],
        [1, 4],
      ],
      [
        [1, 6],
        [1, 6],
      ],
    ]);
  });

  test('alone in a lane stays before those that it stood before', () => {
    const blocks = [
      area('right', { b0: { columns: [9, 12], lanes: [1, 1] } }),
      area('left', { b0: { columns: [1, 6], lanes: [1, 1] } }),
      area('middle', { b0: { columns: [7, 7], lanes: [1, 1] } }),
    ];
    const solved = solveLayout(counts(12, 4), layout(section('one', blocks)), 600);
    const lanes = Object.fromEntries(solved.blocks.map(({ id, placed }) => [id, placed.lanes[0]]));
    // both lines of 7 of 12 go to line 2 of 4
    expect(lanes).toEqual({ left: 1, middle: 2, right: 3 });
  });
});

function card(blocks: Block[]): Block['holds'] {
  return { card: { padding: '0px', columns: 'page', space: {}, blocks } };
}
