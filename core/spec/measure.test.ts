import { describe, expect, test } from 'vitest';
import { columnsAt } from '../columns/columns-at';
import { explain, explanationLine } from '../columns/explain';
import { readSpec } from '../document/read';
import { gridCss } from '../formats/grid-css/grid-css';
import { exactText } from '../length/px';
import { checkReport } from '../report/check-report';
import type { Columns, Spec } from './schema';
import { breakpointOf, specWith } from './testing';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

function inContainer(some: Partial<Columns>): Spec {
  const [narrow, wide] = [
    breakpointOf(some, 320, { id: 'narrow' }),
    breakpointOf(some, 720, { id: 'wide', from: 480 }),
  ];
  return { ...specWith(narrow, wide), measure: 'container' };
}

const refused = (spec: unknown): string | undefined => readSpec(structuredClone(spec)).problem;

test('cqi is a hundredth of the container, and each kind of document refuses the unit of the other', () => {
  const spec = inContainer({ margin: '5cqi', gutter: '12px', count: 4 });
  expect(exactText(columnsAt(spec, spec.breakpoints[1]!).marginStart)).toBe('36');
  expect(checkReport(spec).measure).toBe('container');
  expect(refused(spec)).toBeUndefined();
  const { measure: _measure, ...viewport } = spec;
  expect(checkReport(viewport as Spec).measure).toBe('viewport');
  expect(refused(viewport)).toBe(
    'breakpoints[0].columns.margin: 5cqi is a share of a container, and this specification is measured by the viewport. Use vw, or set "measure" to "container".',
  );
  expect(refused({ ...inContainer({ container: { sum: ['50vw', '-12px'] } }) })).toContain(
    '50vw is a share of the screen',
  );
});

describe('what is the screen’s is refused', () => {
  const spec = inContainer({ margin: '16px' });
  test('bars and panels', () => {
    const framed = { ...spec, breakpoints: spec.breakpoints.map((each) => ({ ...each, frame: { top: '64px' } })) };
    expect(refused(framed)).toContain('breakpoints[0].frame: Bars and panels are the screen’s');
  });

  test('safe areas; a name may be what it likes', () => {
    expect(refused(inContainer({ margin: { sum: ['20px', 'safe'] } }))).toContain('Safe areas are the screen’s');
    const named = { ...spec, breakpoints: spec.breakpoints.map((each, index) => ({ ...each, name: `5${index}vw` })) };
    expect(refused(named)).toBeUndefined();
  });
});

test('the style sheet asks the container, and says nothing on the container itself', () => {
  const css = gridCss(inContainer({ margin: '5cqi', gutter: '2%' }), ORIGIN);
  expect(css).toContain('.grid-region {\n  container: grid-region / inline-size;\n}');
  expect(css).toContain('@container grid-region (width < 480px) {\n  .grid-region > * {\n    --grid-columns: 12;');
  expect(css).toContain('--grid-gutter: 2cqi;');
  expect(css).not.toMatch(/@media|\dvw/);
  expect(css).toContain('Put .grid-region on the element whose width counts');
});

test('sums say region, since the container is what columns stand in', () => {
  const spec = inContainer({ margin: '16px' });
  expect(explanationLine(explain(spec, spec.breakpoints[0]!, 'container')!)).toBe(
    'container = region − margin − margin = 320 − 16 − 16 = 288',
  );
});
