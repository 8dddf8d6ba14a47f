import { readFileSync } from 'node:fs';
import { parse } from 'css-tree';
import { expect, test } from 'vitest';
import { numeral } from '../../core/length/present';
import { columnsAt, sumLine } from '../../core/columns/columns-at';
import { rowLine, rowSumAt } from '../../core/rows/row-sum';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** The guide says the demo's own numbers; its commands and samples are run in tests/browser/guide.spec.ts. */

const spec = DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document)).find(
  ({ name }) => name === 'Passenger site',
)!;
const guide = (name: string): string => readFileSync(`docs/guide/${name}.md`, 'utf8');

test('every sum in the guide for designers is one of the passenger site', () => {
  const sums = spec.breakpoints.flatMap((breakpoint) => {
    const rows = rowSumAt(spec, breakpoint);
    return [sumLine(columnsAt(spec, breakpoint), numeral), ...(rows ? [rowLine(rows, numeral)] : [])];
  });
  const said = guide('for-designers').match(/\d+ \+ \d+ × [\d + ×=]+\d/g)!;
  expect(said.length).toBeGreaterThan(1);
  for (const sum of said) expect(sums).toContain(sum);
});

test('every breakpoint is named with where it begins and how it is drawn', () => {
  const text = guide('for-designers');
  for (const { name, from, reference } of spec.breakpoints) {
    const [, begins, width, height] = new RegExp(`${name} from (\\d+) \\((\\d+) × (\\d+)\\)`).exec(text) ?? [];
    expect([name, begins, width, height].map(String)).toEqual(
      [name, from, reference.width, reference.height].map(String),
    );
  }
});

test('the CSS of the guide is CSS, and names properties that grid.css has', () => {
  const samples = [...guide('for-developers').matchAll(/```css\n([^]*?)```/g)].map(([, css]) => css!);
  expect(samples.length).toBeGreaterThan(0);
  const contract = readFileSync('docs/grid-css.md', 'utf8');
  for (const css of samples) {
    parse(css, { onParseError: (error) => expect(error.message).toBe('') });
    for (const [name] of css.matchAll(/--grid-[a-z-]+/g)) expect(contract).toContain(name);
  }
});
