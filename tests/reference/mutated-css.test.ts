import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { compareSite } from '../../core/comparison/compare-site';
import { gridCss } from '../../core/formats/grid-css/grid-css';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { randomOf } from '../browser/model/random';
import { mutatedText } from '../mutated-text';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const spec = DEMO_SPECS[0]!.drafts.at(-1)!.document;
const TEXTS = [
  gridCss(spec, ORIGIN),
  layoutCss(spec, ORIGIN),
  readFileSync('node_modules/purecss/build/grids.css', 'utf8'),
  readFileSync('node_modules/@material/layout-grid/dist/mdc.layout-grid.css', 'utf8'),
  '.page { --a: var(--b); --b: 2px; display: grid; grid-template-columns: repeat(12, [x] minmax(0, 1fr)); gap: calc(1px + var(--a)) clamp(1px, 2vw, 3rem); @media (600px <= width < 900px) { & { gap: 1px } } }',
];
const RUNS = process.env['YPSILINE_LONG'] ? 10_000 : 40;

test('style sheets that were cut, swapped, nested and repeated are held, or refused in a sentence', () => {
  const random = randomOf(12);
  let held = 0;
  for (let count = 0; count < RUNS; count++) {
    const text = mutatedText(random.oneOf(TEXTS), random);
    const { value, problem } = compareSite(spec, [text]);
    if (value) held++;
    else expect(problem, text.slice(0, 400)).toMatch(/^[^\n]{10,300}\.$/u);
  }
  expect(held).toBeGreaterThan(RUNS / 10);
}, 3_600_000);
