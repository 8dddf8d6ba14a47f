import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { differences } from '../diff/differences';
import { allTables } from '../edition/all-tables';
import { overlaySvg } from '../formats/overlay/overlay-svg';
import { tokensJson } from '../formats/tokens/tokens-json';
import { valuesCsv } from '../formats/values/values-csv';
import { exactText } from '../length/px';
import { checkReport } from '../report/check-report';
import type { Guide, Spec } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { guidesAt } from './guides';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

function guided(guides: Guide[], some: Partial<Spec> = {}): Spec {
  const breakpoint = { ...breakpointOf({ container: '1128px', margin: 'auto', gutter: '24px' }, 1512), guides };
  return { ...specWith({ ...breakpoint, reference: { width: 1512, height: 982 } }), ...some };
}

const guide = (at: string, from: Guide['from'] = 'start', axis: Guide['axis'] = 'x', name = 'line'): Guide => ({
  name,
  axis,
  at,
  from,
});
const refused = (spec: unknown): string | undefined => readSpec(structuredClone(spec)).problem;

/** By hand: from the start, from the end backwards, from the centre to the end. */
describe('guides', () => {
  test.each<[Guide, string]>([
    [guide('720px', 'start', 'y'), '720'],
    [guide('100px', 'end'), '1412'],
    [guide('100px', 'centre'), '856'],
    [guide('-100px', 'centre'), '656'],
    [guide('25%'), '378'],
    [guide('25%', 'end', 'y'), '1473/2'],
    [guide('10vw'), '756/5'],
  ])('%j lies at %s', (own, at) => {
    const spec = guided([own]);
    expect(guidesAt(spec, spec.breakpoints[0]!).map((each) => exactText(each.at))).toEqual([at]);
  });

  test('bars and panels do not move them', () => {
    const spec = guided([guide('50%', 'start', 'y', 'half'), guide('20px', 'end')]);
    const framed = { ...spec, breakpoints: [{ ...spec.breakpoints[0]!, frame: { top: '64px', end: '200px' } }] };
    expect(checkReport(framed).breakpoints[0]!.guides).toEqual(checkReport(spec).breakpoints[0]!.guides);
  });

  test('forty, and no more; each by a name of its own', () => {
    const many = (count: number): Guide[] =>
      Array.from({ length: count }, (_, index) => guide('1px', 'start', 'x', `g${index}`));
    expect(refused(guided(many(40)))).toBeUndefined();
    expect(refused(guided(many(41)))).toContain('A breakpoint has at most 40 guides.');
    expect(refused(guided([guide('1px'), guide('2px')]))).toContain(
      'Two guides are called “line”. Rename one of them.',
    );
    expect(refused(guided([guide('-1px')]))).toContain('Only a guide from the centre can be below 0');
  });

  test('are in the table, the tokens and the drawing, and stand in a comparison', () => {
    const spec = guided([guide('720px', 'start', 'y', 'fold')]);
    expect(allTables(spec).find(({ id }) => id === 'guides')!.table.rows).toMatchObject([
      { label: 'fold', values: [{ copy: '720', note: 'from the top' }] },
    ]);
    expect(valuesCsv(spec)).toContain('Guides,fold,Screen,720');
    expect(JSON.parse(tokensJson(spec, ORIGIN)).breakpoint.screen.guide.fold.$value).toEqual({
      value: 720,
      unit: 'px',
    });
    expect(overlaySvg(spec, spec.breakpoints[0]!)).toContain('<path d="M0 720h1512"><title>fold</title></path>');
    const moved = guided([guide('700px', 'start', 'y', 'fold')]);
    expect(differences(spec, moved)).toMatchObject([
      { what: 'Guide fold', before: 'y 720 from the top', after: 'y 700 from the top' },
    ]);
  });
});

describe('the unit mesh', () => {
  test('begins with the container and under the top bar; squares of the base unit, or of a length', () => {
    const spec = guided([]);
    const framed = { ...spec, breakpoints: [{ ...spec.breakpoints[0]!, frame: { top: '64px', start: '256px' } }] };
    expect(checkReport(framed).breakpoints[0]!.mesh).toEqual({ square: '8', strong: null, x: '320', y: '64' });
    const own = { ...spec, mesh: { square: '10px', strong: 5 } };
    expect(checkReport(own).breakpoints[0]!.mesh).toEqual({ square: '10', strong: 5, x: '192', y: '0' });
  });

  test('a mesh of 0, of half a px, or one that changes with the screen is refused', () => {
    expect(refused(guided([], { mesh: { square: '0px' } }))).toBe(
      'mesh.square: Squares of 0 px are too small to draw. The least is 1 px.',
    );
    expect(refused(guided([], { mesh: { square: '0.05rem' } }))).toContain('Squares of ⅘ px are too small');
    expect(refused(guided([], { mesh: { square: '2%' } }))).toContain('is a fixed length, such as "8px"');
    expect(refused(guided([], { mesh: { strong: 1 } }))).toContain('A strong line comes every 2 to 100 squares.');
  });

  test('is a pattern in the drawing, where the document has one', () => {
    const spec = guided([], { mesh: { strong: 5 } });
    const [svg, without] = [spec, guided([])].map((each) => overlaySvg(each, each.breakpoints[0]!));
    expect(svg).toContain(
      '<pattern id="mesh-squares" patternUnits="userSpaceOnUse" x="192" y="0" width="8" height="8">',
    );
    expect(svg).toContain('id="mesh-strong" patternUnits="userSpaceOnUse" x="192" y="0" width="40" height="40"');
    expect(without).not.toContain('mesh');
  });
});

describe('how overlays are drawn', () => {
  test('outlines run inside the edges of columns', () => {
    const spec = guided([], { overlays: { drawn: 'outlines' } });
    const svg = overlaySvg(spec, spec.breakpoints[0]!);
    // container from 192, columns of 72
    expect(svg).toContain('<g id="columns" fill="none" stroke="#9b6bb0" stroke-opacity="0.3">');
    expect(svg).toContain('<rect x="192.5" y="0.5" width="71" height="981"/>');
  });

  test('bars and panels are solid, over what lies under them; from the right in a page that is read from there', () => {
    const spec = guided([]);
    const framed = { ...spec, breakpoints: [{ ...spec.breakpoints[0]!, frame: { top: '64px', start: '256px' } }] };
    const [ltr, rtl] = (['ltr', 'rtl'] as const).map((direction) =>
      overlaySvg(framed, framed.breakpoints[0]!, { direction }),
    );
    expect(ltr).toMatch(/<g id="frame"[^]*<rect x="0" y="64" width="256" height="918"><title>start panel/);
    expect(rtl).toContain('<rect x="1256" y="64" width="256" height="918"><title>start panel');
  });

  test('combinations have keys and names of their own', () => {
    const combination = (name: string, key: string) => ({ name, key, shows: ['rows' as const, 'mesh' as const] });
    expect(
      refused(
        guided([], { overlays: { combinations: [combination('rows for heroes', '1'), combination('all', '2')] } }),
      ),
    ).toBeUndefined();
    expect(
      refused(guided([], { overlays: { combinations: [combination('a', '1'), combination('b', '1')] } })),
    ).toContain('Two combinations have the key “1”');
    expect(refused(guided([], { overlays: { combinations: [combination('a', '0')] } }))).toContain(
      'A combination has a key from "1" to "9".',
    );
  });
});
