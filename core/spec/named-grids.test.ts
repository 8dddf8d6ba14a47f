import { describe, expect, test } from 'vitest';
import { addBreakpoint, nameBreakpoint, removeBreakpoint } from '../breakpoints/breakpoints';
import { findingsOf, judge } from '../checks/run';
import { sentenceOf } from '../checks/sentence';
import { waived } from '../checks/waivers';
import { columnsAt } from '../columns/columns-at';
import { differences } from '../diff/differences';
import { publishedDifferences } from '../diff/published-differences';
import { readSpec } from '../document/read';
import { applyEdits } from '../edits/apply-edits';
import { editsBetween } from '../edits/edits-between';
import { gridCss } from '../formats/grid-css/grid-css';
import { checkReport } from '../report/check-report';
import { readSite } from '../site/read-site';
import { specOfGrid } from './named-grids';
import type { NamedGrid, Spec } from './schema';
import { breakpointOf, practiceSpec, specWith, texts } from './testing';

/** A main grid of 1128 px and 12 columns at 1512, and an article of 856 px and 8 columns in it. */
const desktop = breakpointOf({ margin: 'auto', container: '1128px', gutter: '24px' }, 1512, { id: 'desktop' });
const article: NamedGrid = {
  id: 'article',
  name: 'Article',
  at: { desktop: { columns: { container: '856px', count: 8 } } },
};
const spec: Spec = { ...specWith(desktop), grids: [article] };
const solved = (of: Spec, grid: NamedGrid) => {
  const own = specOfGrid(of, grid);
  return texts(columnsAt(own, own.breakpoints[0]!));
};

describe('what a grid does not give is the main grid’s as it is written', () => {
  test.each<[string, Partial<Spec['breakpoints'][number]['columns']>, NamedGrid['at'][string]['columns'], object]>([
    ['key by key', {}, { container: '856px', count: 8 }, { column: '86', gutter: '24', marginStart: '328' }],
    ['shares are worked out anew', { gutter: { ofColumn: '1/4' } }, { count: 8 }, { column: '1504/13' }],
    [
      'a container that follows, too',
      { container: 'auto', column: '60px', gutter: '20px' },
      { count: 8 },
      { container: '620' },
    ],
  ])('%s', (_, main, given, follows) => {
    const own = { ...spec, breakpoints: [{ ...desktop, columns: { ...desktop.columns, ...main } }] };
    expect(solved(own, { ...article, at: { desktop: { columns: given } } })).toMatchObject(follows);
  });

  test('rows and baselines are given whole, or none', () => {
    const own = specOfGrid(spec, {
      ...article,
      at: { desktop: { rows: null, baseline: { step: '8px', offset: '0px' } } },
    });
    expect(own.breakpoints[0]).toMatchObject({ rows: null, baseline: { step: '8px', offset: '0px' } });
  });
});

test('where both meet, exactly', () => {
  const [report] = checkReport(spec).breakpoints;
  // the main grid’s columns are 72 and 24: from 192 on; the article’s 86 and 24, from 328 on
  expect(report!.grids[0]).toMatchObject({ id: 'article', columns: { column: '86' } });
  expect(report!.grids[0]!.meets).toEqual({ starts: ['768'], ends: ['744'] });
  const inside: NamedGrid = { ...article, at: { desktop: { columns: { container: '936px', count: 10 } } } };
  const meets = checkReport({ ...spec, grids: [inside] }).breakpoints[0]!.grids[0]!.meets;
  expect(meets).toMatchObject({ starts: expect.arrayContaining(['288']) });
  expect(meets.starts).toHaveLength(10);
  expect(meets.ends).toHaveLength(10);
});

describe('rules run on what a grid gives', () => {
  const tight: NamedGrid = { ...article, at: { desktop: { columns: { container: '856px', count: 9 } } } };
  const own = { ...spec, grids: [tight] };

  test('and say which; the main grid’s are found once', () => {
    const found = findingsOf(own).filter(({ rule }) => rule === 'column-whole');
    expect(found.map(({ grid, subject }) => [grid?.id, subject[0]])).toEqual([
      ['article', ['grids', 'article', 'at', 'desktop', 'columns', 'column']],
    ]);
    expect(sentenceOf(found[0]!)).toMatch(/^Article: /);
    expect(checkReport(own).findings.find(({ rule }) => rule === 'column-whole')).toMatchObject({ grid: 'article' });
    expect(checkReport(specWith(desktop)).findings.every(({ grid }) => grid === null)).toBe(true);
  });

  test('a waiver is of its grid', () => {
    const [finding] = judge(own).filter(({ rule }) => rule === 'column-whole');
    const accepted = waived(own, finding!, { reason: 'Meant so.', by: 'Rin Sol' });
    expect(accepted.waivers[0]).toMatchObject({ grid: 'article', breakpoint: 'desktop' });
    expect(judge(accepted).find(({ rule }) => rule === 'column-whole')!.waiver).not.toBeNull();
    const elsewhere = { ...accepted, waivers: accepted.waivers.map(({ grid: _grid, ...others }) => others) };
    expect(judge(elsewhere).find(({ rule }) => rule === 'column-whole')!.waiver).toBeNull();
  });
});

describe('breakpoints that come, go and are named', () => {
  const practice: Spec = {
    ...practiceSpec('Practice'),
    grids: [{ ...article, at: { tablet: { columns: { count: 6 } }, desktop: { columns: { count: 8 } } } }],
  };

  test('one that is cut off begins with what the grid gives there', () => {
    const { spec: split, id } = addBreakpoint(practice, 900).value!;
    expect(split.grids![0]!.at[id]).toEqual({ columns: { count: 6 } });
    const named = nameBreakpoint(split, id, 'Laptop').value!;
    expect(Object.keys(named.grids![0]!.at).sort()).toEqual(['desktop', named.breakpoints.find(({ name }) => name === 'Laptop')!.id, 'tablet'].sort()); // prettier-ignore
    expect(readSpec(structuredClone(named)).problem).toBeUndefined();
  });

  test('one that is removed leaves nothing behind', () => {
    const removed = removeBreakpoint(practice, 'tablet').value!;
    expect(Object.keys(removed.grids![0]!.at)).toEqual(['desktop']);
    expect(readSpec(structuredClone(removed)).problem).toBeUndefined();
  });
});

test.each<[string, unknown, string]>([
  ['a breakpoint that is gone', [{ ...article, at: { tv: {} } }], 'grids[0].at.tv: There is no breakpoint “tv”; the document has desktop.'],
  ['the name of a class', [{ ...article, id: 'overlay' }], 'grids[0].id: A grid can’t have the id overlay, region, frame, inside'],
  ['two of one id', [article, article], 'grids: Two grids have the id “article”. Rename one of them.'],
  ['thirteen', Array.from({ length: 13 }, (_, index) => ({ ...article, id: `g-${index}` })), 'grids: A specification has at most 12 grids beside the main one.'],
  ['what is refused of the main grid', [{ ...article, at: { desktop: { rows: { rule: 'repeat', height: '0px', gap: '0px', offset: '0px' } } } }], 'grids[0].at.desktop.rows: A row and its gap are 0 px together'],
  ['a gutter of gutters', [{ ...article, at: { desktop: { columns: { gutter: { ofGutter: '2' } } } } }], 'grids[0].at.desktop.columns.gutter'],
])('refused with its path: %s', (_, grids, says) => expect(readSpec({ ...spec, grids }).problem).toContain(says)); // prettier-ignore

test('what differs is said, and is an edit of its own', () => {
  const wider: Spec = {
    ...spec,
    grids: [{ ...article, at: { desktop: { columns: { container: '936px', count: 8 } } } }],
  };
  expect(differences(spec, wider).map(({ what, bump }) => [what, bump])).toEqual([['Grid Article', 'minor']]);
  const without = { ...spec, grids: [] };
  expect(publishedDifferences(spec, without).map(({ what, bump }) => [what, bump])).toContainEqual([
    'Names in grid.css',
    'major',
  ]);
  const edits = editsBetween(spec, wider);
  expect(edits.map(({ at }) => at)).toEqual([['grids', 'article', 'at', 'desktop', 'columns', 'container']]);
  expect(applyEdits(spec, edits).value).toEqual(wider);
});

test('grid.css has a class for it, with its own columns', () => {
  const css = gridCss(spec, { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) });
  const { grids, system } = readSite([css], { row: 'grid-article' }).value!;
  const grid = grids.at(system!, 1512);
  if ('why' in grid) throw new Error(grid.why);
  expect([grid.count, ...[grid.column, grid.gutter, grid.start].map((length) => length.valueOf())]).toEqual([
    8, 86, 24, 328,
  ]);
  expect(css).toContain('.grid-article > .span-12 { grid-column-end: span 8; }');
  // without named grids it says what it said
  expect(gridCss({ ...spec, grids: [] }, { version: '1', published: '', sha256: '' })).toBe(
    gridCss(specWith(desktop), { version: '1', published: '', sha256: '' }),
  );
});
