import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { exactText } from '../length/px';
import type { Block, Layout, Placement, Section, Spec } from '../spec/schema';
import { following, sameAtWider } from './arrange';
import { rowsBetweenSections, withBetween } from './between-sections';
import { idsOf, withBlocks, withoutParts } from './edit-layout';
import { keptWhereTheyWere, movedElsewhere } from './moved-elsewhere';
import { solveLayout } from './solve-layout';
import { anyLayout, practicePage } from './testing';
import { hide } from './write-block';

const page: Spec = {
  ...practicePage,
  breakpoints: practicePage.breakpoints.map((each) => ({
    ...each,
    rows: { rule: 'repeat' as const, height: '20px', gap: '5px', offset: '0px' },
  })),
};
const area = (id: string, lane: number, at: Record<string, Placement> = {}): Block => ({
  id,
  name: id,
  holds: { area: 'plain' },
  at: { ...at, phone: { lanes: [lane, lane], height: { rows: 2 }, ...at['phone'] } },
});
const section = (id: string, blocks: Block[], space: Section['space'] = {}): Section => ({ id, name: id, tall: 'content', space, blocks }); // prettier-ignore
const layoutOf = (...sections: Section[]): Layout => ({ id: 'front', name: 'Front', notes: '', sections });
const tops = (layout: Layout, width = 1440): string[] =>
  solveLayout({ ...page, layouts: [layout] }, layout, width).blocks.map(({ id, y }) => `${id} ${exactText(y)}`);

describe('what is hidden', () => {
  const three = (hidden: string, breakpoint = 'phone'): Layout => {
    const own = (id: string) => (id === hidden ? { [breakpoint]: { hidden: true } } : {});
    return layoutOf(
      section('one', [area('a', 1, own('a')), area('b', 2, own('b')), area('c', 3, own('c'))], {
        phone: { above: 1, between: [2, 4], below: 1 },
      }),
    );
  };

  test('takes no row and no white space: each lane keeps the white space above it', () => {
    expect(tops(three('none'))).toEqual(['a 25', 'b 125', 'c 275']);
    // a ends with row 3, four rows are left empty
    expect(tops(three('b'))).toEqual(['a 25', 'c 175']);
    expect(tops(three('a'))).toEqual(['b 25', 'c 175']);
    expect(tops(three('c'))).toEqual(['a 25', 'b 125']);
  });

  test('follows to wider breakpoints until it is shown again', () => {
    const seen = (layout: Layout) => [390, 744, 1440].map((width) => tops(layout, width).length);
    expect(seen(three('b'))).toEqual([2, 2, 2]);
    expect(seen(three('b', 'tablet'))).toEqual([3, 2, 2]);
    const spec = { ...page, layouts: [three('b')] };
    const shown = hide(spec, { layout: 'front', blocks: ['b'], breakpoint: 'desktop' }, false);
    expect(seen(shown.layouts[0]!)).toEqual([2, 2, 3]);
    // hidden there as it would be anyway, nothing is given
    const again = hide(shown, { layout: 'front', blocks: ['b'], breakpoint: 'desktop' }, true);
    expect(again).toEqual(spec);
  });

  test('is said where it follows, and can be kept as it was there', () => {
    const spec = { ...page, layouts: [three('none')] };
    const hidden = hide(spec, { layout: 'front', blocks: ['b'], breakpoint: 'tablet' }, true);
    const moved = movedElsewhere(spec, hidden);
    expect(moved.map(({ breakpoint, is }) => [breakpoint.id, is.block.id, is.hidden])).toEqual([
      ['desktop', 'b', true],
    ]);
    const kept = keptWhereTheyWere(hidden, moved);
    expect(tops(kept.layouts[0]!, 1440)).toEqual(tops(three('none')));
    expect(tops(kept.layouts[0]!, 744)).toEqual(tops(three('b'), 744));
  });

  test('whatever is hidden, a page is as one that never had it, but for the white space above what was below', () => {
    let compared = 0;
    fc.assert(
      fc.property(anyLayout, (layout) => {
        // one block in each lane and one white space everywhere, so that it does not matter which goes
        const ids = layout.sections.flatMap(({ blocks }) => idsOf(blocks));
        const stacked = withBlocks(layout, ids, (block) => ({ ...block, at: withoutParts(block.at, ['lanes']) }));
        const even = {
          ...stacked,
          sections: stacked.sections.map((each) => ({
            ...each,
            space: { phone: { above: 2, between: [2], below: 2 } },
          })),
        };
        const seen = new Set(solveLayout({ ...practicePage, layouts: [even] }, even, 1440).blocks.map(({ id }) => id));
        const gone = even.sections.flatMap(({ blocks }) => blocks).filter(({ id }) => !seen.has(id));
        const without = withBlocks(even, gone.map(({ id }) => id), () => null); // prettier-ignore
        const heights = (of: Layout) => {
          const { blocks, height } = solveLayout({ ...practicePage, layouts: [of] }, of, 1440);
          return [blocks.map(({ id }) => id), blocks.map(({ y }) => exactText(y)), exactText(height)];
        };
        if (gone.length === 0 || without.sections.some(({ blocks }) => blocks.length === 0)) return;
        compared++;
        expect(heights(without)).toEqual(heights(even));
      }),
      { numRuns: 300, seed: 12 },
    );
    expect(compared).toBeGreaterThan(50);
  });
});

describe('one number between sections', () => {
  const two = layoutOf(
    section('one', [area('a', 1)], { phone: { above: 3, below: 2 } }),
    section('two', [area('b', 1)], { phone: { above: 1, below: 4 }, desktop: { above: 9 } }),
  );
  const spec: Spec = { ...page, layouts: [two] };
  const rows = (of: Spec) => of.breakpoints.map((each) => rowsBetweenSections(of, of.layouts[0]!, each));

  test('is what stands below one and above the next', () => expect(rows(spec)).toEqual([[3], [3], [11]]));

  test('given, it stands there and at wider ones that say nothing nearer; the first and the last edge of the page stay', () => {
    const six = withBetween(spec, 'front', 'phone', 6);
    expect(rows(six)).toEqual([[6], [6], [15]]);
    expect(rows(withBetween(six, 'front', 'desktop', 6))).toEqual([[6], [6], [6]]);
    expect(tops(six.layouts[0]!, 390)).toEqual(['a 75', 'b 275']);
    expect(six.layouts[0]!.sections.map(({ space }) => space['phone'])).toEqual([{ above: 3 }, { below: 4 }]);
  });

  test('taken back, sections say it themselves again', () => {
    const back = withBetween(withBetween(spec, 'front', 'tablet', 6), 'front', 'tablet', undefined);
    expect(back).toEqual(spec);
  });
});

describe('let go', () => {
  const spec: Spec = {
    ...page,
    layouts: [layoutOf(section('one', [area('a', 1, { tablet: { columns: [1, 4] }, desktop: { columns: [1, 3] } })]))],
  };
  const columns = (of: Spec, width: number) => solveLayout(of, of.layouts[0]!, width).blocks[0]!.placed.columns;

  test('what wider breakpoints give goes, so that they follow', () => {
    const same = sameAtWider(spec, { layout: 'front', blocks: ['a'], breakpoint: 'tablet' }).value!;
    expect([columns(same, 744), columns(same, 1440)]).toEqual([
      [1, 4],
      [1, 6],
    ]);
    expect(sameAtWider(spec, { layout: 'front', blocks: ['a'], breakpoint: 'desktop' }).problem).toBe(
      'There’s no wider breakpoint.',
    );
  });

  test('what is given at one goes', () => {
    const next = following(spec, { layout: 'front', blocks: ['a'], breakpoint: 'desktop' }).value!;
    expect(columns(next, 1440)).toEqual([1, 6]);
  });
});
