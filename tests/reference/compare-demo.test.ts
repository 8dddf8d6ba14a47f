import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { compareSite } from '../../core/comparison/compare-site';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { anyPage } from '../../core/layouts/testing';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** Pages that follow a specification, and pages that do not. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const demo = DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document));
const passenger = demo.find(({ name, layouts }) => name === 'Passenger site' && layouts.length > 0)!;

const off = (spec: typeof passenger, ...texts: string[]) => {
  const { value, problem } = compareSite(spec, texts);
  expect(problem).toBeUndefined();
  return value!.checks.filter(({ verdict }) => verdict !== 'same').map(({ sentence }) => sentence);
};

test.each([...demo, ...fc.sample(anyPage, { numRuns: 12, seed: 7 })].map((spec, index) => [index, spec] as const))(
  'document %i: its own style sheets are as it has it',
  (_, spec) => expect(off(spec, gridCss(spec, ORIGIN), layoutCss(spec, ORIGIN))).toEqual([]),
);

describe('a page that was written by hand', () => {
  /** The front page’s opening and crossings on the phone, as the drawing has them. */
  const page = (opening: string, crossings: string) => `
    .opening { display: grid; grid-template-areas: ${opening}; }
    .crossings { display: grid; grid-template-areas: ${crossings}; }`;
  const lines = (...names: string[]) =>
    names.map((name) => `'${Array.from({ length: 4 }, () => name).join(' ')}'`).join(' ');
  const onPhone = (css: string) => off(passenger, `@media (width < 640px) {${css}}`);

  test('as the drawing has it', () =>
    expect(onPhone(page(lines('promise', 'harbour'), lines('where-to', 'skerry', 'farholm', 'ness')))).toEqual([]));

  test('three rows of the drawing that became four', () =>
    expect(onPhone(page(lines('promise', 'harbour'), lines('where-to', 'skerry', 'farholm', 'ness', 'more')))).toEqual([
      'Phone: Front page, Crossings: 4 rows drawn, 5 built.',
      'Phone: Front page, Crossings has an area “more” on the page that the specification does not have.',
    ]));

  test('a block on other columns', () =>
    expect(
      onPhone(
        page(
          `'promise promise promise .' 'harbour harbour harbour harbour'`,
          lines('where-to', 'skerry', 'farholm', 'ness'),
        ),
      ),
    ).toEqual([
      'Phone: “promise” of Front page, Opening is on columns 1–3, row 1 on the page where the specification has columns 1–4, row 1.',
    ]));
});
